import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { ask, type Schemas } from "./client";

export type Person = Schemas["PersonView"];

export function usePeople() {
  return useQuery({
    queryKey: ["people"],
    queryFn: () => ask<Schemas["PeopleView"]>("GET", "/api/people"),
  });
}

export function usePerson(id: string) {
  return useQuery({
    queryKey: ["person", id],
    queryFn: () => ask<Schemas["PersonSheet"]>("GET", `/api/people/${id}`),
  });
}

/** What people are called, by id. */
export function usePersonNames(): Map<string, string> {
  const people = usePeople().data?.people;
  return useMemo(
    () => new Map((people ?? []).map(({ person }) => [person.id, person.name])),
    [people],
  );
}

/** Whoever goes by a name, as the server would find them. */
export function called(name: string, people: Person[]): Person | undefined {
  const asked = name.trim().toLowerCase();
  return people.find(
    (person) =>
      person.erasedOn === null &&
      [person.name, ...person.aliases].some((own) => own.toLowerCase() === asked),
  );
}
