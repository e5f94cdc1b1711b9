import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { usePeople } from "../api/person";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Without } from "../ui/Without";
import { capital, count } from "../words/codes";
import { shortDate } from "../words/dates";
import { Sensitive } from "./Sensitive";

type PersonLine = Schemas["PersonLine"];

/** Everybody who is known, with what to keep in mind when they sit in the chair. */
export function PeopleView() {
  const people = usePeople();
  if (!people.data) return <Without query={people} waiting="Fetching the people…" />;
  const known = people.data.people.filter(({ person }) => person.erasedOn === null);
  const unasked = known.filter(({ person }) => person.askedOn === null).length;
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {known.length === 0
          ? "No people yet. Anyone an item is kept for or lent to appears here."
          : `You know ${count(known.length, "person", "people")}.`}{" "}
        {unasked > 0 &&
          (unasked === known.length
            ? "Nobody has been asked about sensitivities yet."
            : `${capital(count(unasked, "has", "have"))} never been asked about sensitivities.`)}
      </Sentence>
      <AddPerson />
      <ul>
        {people.data.people.map((line) => (
          <PersonRow key={line.person.id} line={line} />
        ))}
      </ul>
    </div>
  );
}

function PersonRow({ line }: { line: PersonLine }) {
  const today = useToday();
  const { person } = line;
  if (person.erasedOn !== null) {
    return (
      <li className="border-hair border-b py-3 text-soft">
        Erased person {shortDate(person.erasedOn, today)}
        {line.kept > 0 && `. ${capital(count(line.kept, "item"))} still kept for this person.`}
      </li>
    );
  }
  const told = [
    line.bookings > 0 &&
      `${count(line.bookings, "booking")}, the latest ${shortDate(line.lastBooked ?? today, today)}`,
    line.kept > 0 && `${count(line.kept, "item")} kept`,
    line.borrowed > 0 && `has ${count(line.borrowed, "item")} of yours`,
  ].filter(Boolean);
  return (
    <li className="grid grid-cols-[16rem_1fr_auto] gap-x-5 gap-y-0.5 border-hair border-b py-3 max-hand:grid-cols-1">
      <span>
        <Link to={`/people/${person.id}`} className="font-semibold hover:underline">
          {person.name}
        </Link>
        {person.aliases.length > 0 && (
          <span className="block text-soft">also {person.aliases.join(", ")}</span>
        )}
      </span>
      <Sensitive person={person} />
      <span className="text-soft">{told.join(" · ")}</span>
    </li>
  );
}

function AddPerson() {
  const { perform } = useActs();
  const [name, setName] = useState("");
  const add = async () => {
    await perform({
      path: "/api/people",
      body: {
        id: crypto.randomUUID(),
        person: { name, aliases: [], depth: null, sensitivities: [], askedOn: null },
      },
      done: `Added ${name.trim()}.`,
    });
    // Whoever types the next name already keeps it.
    setName((now) => (now === name ? "" : now));
  };
  return (
    <form
      className="flex max-w-md items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add().catch(() => {});
      }}
    >
      <div className="flex-1">
        <TextField
          label="Name"
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={!name.trim()}>
        Add person
      </Button>
    </form>
  );
}
