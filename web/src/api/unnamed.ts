import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type UnnamedPicture = Schemas["UnnamedPicture"];

/** Pictures of what is still to be named, the oldest first. */
export function useUnnamed() {
  return useQuery({
    queryKey: ["unnamed"],
    queryFn: () => ask<UnnamedPicture[]>("GET", "/api/kit/unnamed"),
  });
}
