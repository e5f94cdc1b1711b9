import { ask, type Schemas } from "../../api/client";

/** Begins a count of a place, or goes on with the one that is open. */
export async function beginCount(place: string): Promise<void> {
  await ask<Schemas["CountView"]>("POST", `/api/places/${place}/counts`, {
    id: crypto.randomUUID(),
  });
}
