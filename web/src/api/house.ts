import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

/** The rules the house works by. */
export function useHouse() {
  return useQuery({
    queryKey: ["house"],
    queryFn: () => ask<Schemas["HouseView"]>("GET", "/api/house"),
  });
}
