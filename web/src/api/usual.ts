import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Usual = Schemas["UsualView"];

/** What artists usually own for these kinds of work; for all of them where none is named. */
export function useUsual(work: string[]) {
  const search = work.map((one) => `work=${one}`).join("&");
  return useQuery({
    queryKey: ["usual", search],
    queryFn: () => ask<Schemas["UsualList"]>("GET", `/api/kit/usual?${search}`),
    placeholderData: keepPreviousData,
  });
}
