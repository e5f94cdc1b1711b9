import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type TypedLine = Schemas["TypedLine"];
export type LineShown = Schemas["LineShown"];
export type ThingRead = Schemas["ThingRead"];

/** What lines are read as, with the kit's own words; nothing is changed by it. */
export function useLines(lines: TypedLine[]) {
  return useQuery({
    queryKey: ["lines", lines],
    queryFn: () => ask<LineShown[]>("POST", "/api/kit/lines/read", { lines }),
    enabled: lines.length > 0,
    placeholderData: keepPreviousData,
  });
}
