import { Link, useParams } from "react-router";
import type { Face, Line } from "../api/client";
import { usePlaceList, usePlaces } from "../api/kit";
import { type PackingList, usePackingList } from "../api/packing";
import { useToday } from "../api/session";
import { RecipeList } from "../packing/RecipeList";
import { usePackingWords } from "../packing/usePackingWords";
import { Without } from "../ui/Without";
import { capital, count, needWord, word } from "../words/codes";
import { shortDate } from "../words/dates";
import { DECIDED, gapsOf } from "../words/gaps";
import { fullName, placeTail } from "../words/items";
import { lookTitle } from "../words/looks";
import { EarlierLooks } from "./EarlierLooks";
import { LookPictures } from "./LookPictures";
import { LookText } from "./LookText";
import { WhatWasUsed } from "./WhatWasUsed";
import { WriteLook } from "./WriteLook";

/** Everything about one face on the day: what must not touch her first. */
export function FaceSheet() {
  const { id = "", face = "" } = useParams();
  const list = usePackingList(id);
  const { isPending } = usePlaceList();
  if (!list.data || isPending) return <Without query={list} waiting="Looking her up…" />;
  const found = list.data.booking.faces.find((one) => one.id === face);
  if (!found) {
    return (
      <p>
        This booking has no such face any more.{" "}
        <Link className="underline" to={`/bookings/${id}`}>
          Back to its list
        </Link>
      </p>
    );
  }
  return <Sheet list={list.data} face={found} />;
}

function Sheet({ list, face }: { list: PackingList; face: Face }) {
  const words = usePackingWords(list);
  const recipes = list.recipes.filter((recipe) => recipe.face === face.id);
  const wanted = face.looks.filter((look) => look.purpose !== "done");
  const done = face.looks.filter((look) => look.purpose === "done");
  const lines = list.lines.filter((line) => line.faces.includes(face.id));
  return (
    <div className="flex max-w-3xl flex-col gap-6">
      <header className="flex flex-col gap-1">
        <h1 className="font-voice text-[1.7rem] leading-snug">{face.name}</h1>
        <Sensitivities face={face} />
        <p className="text-soft">{skinWords(face)}</p>
        <Link to={`/bookings/${list.booking.id}`} className="w-fit text-soft underline">
          {list.booking.title}
        </Link>
      </header>
      <RecipeList booking={list.booking.id} recipes={recipes} words={words} />
      {wanted.map((look) => (
        <section key={look.day ?? "every"} aria-label={capital(lookTitle(look))}>
          <h2 className="border-ink border-b pb-1 font-semibold">{capital(lookTitle(look))}</h2>
          <LookText look={look} />
          <LookPictures booking={list.booking.id} face={face} look={look} />
        </section>
      ))}
      <NotThere list={list} face={face} />
      <WriteLook booking={list.booking.id} face={face} />
      <EarlierLooks booking={list.booking} face={face} />
      <WhatWasUsed booking={list.booking} face={face} recipes={recipes} />
      {done.map((look) => (
        <section key={look.day ?? "every"} aria-label={lookTitle(look)}>
          <h2 className="border-line border-b pb-1 font-semibold">{lookTitle(look)}</h2>
          <LookText look={look} />
          <LookPictures booking={list.booking.id} face={face} look={look} />
        </section>
      ))}
      <WhereItIs lines={lines} />
    </div>
  );
}

/** The first thing the eye meets. */
function Sensitivities({ face }: { face: Face }) {
  const today = useToday();
  if (face.sensitivities.length > 0) {
    return (
      <p className="font-semibold text-stop text-xl">
        Reacts to {face.sensitivities.map(word).join(", ")}.
      </p>
    );
  }
  return face.askedOn ? (
    <p>No sensitivities, asked {shortDate(face.askedOn, today)}.</p>
  ) : (
    <p className="font-semibold text-soon">Nobody has asked about sensitivities yet: ask her.</p>
  );
}

function skinWords(face: Face): string {
  return [
    face.heads > 1 && count(face.heads, "person", "people"),
    `depth ${face.depth}${face.depthTo ? ` to ${face.depthTo}` : ""}`,
    face.undertone && word(face.undertone),
    `${word(face.skinType)} skin`,
    face.hair !== "unknown" && `${word(face.hair)} hair`,
    ...face.concerns.map(word),
  ]
    .filter(Boolean)
    .join(", ");
}

/** What she would need and the kit does not have: better read before than looked for. */
function NotThere({ list, face }: { list: PackingList; face: Face }) {
  const gaps = gapsOf(list.findings, face.id);
  if (gaps.length === 0) return null;
  return (
    <p>
      <b>Not in the kit:</b>{" "}
      {gaps.map(({ facts: { need, decided, isOpen } }, at) => (
        <span key={need}>
          {at > 0 && ", "}
          {needWord(need)}{" "}
          <span className={isOpen ? "text-stop" : "text-soft"}>
            ({decided ? DECIDED[decided] : "missing"})
          </span>
        </span>
      ))}
      .
    </p>
  );
}

/** What is there for her, and where it lies now. */
function WhereItIs({ lines }: { lines: Line[] }) {
  const places = usePlaces();
  if (lines.length === 0) return null;
  return (
    <section aria-label="What is where">
      <h2 className="border-line border-b pb-1 font-semibold">What is where</h2>
      <ul>
        {lines.map((line) => (
          <li
            key={line.item.id}
            className="flex items-baseline justify-between gap-3 border-hair border-b py-1.5"
          >
            <span className="min-w-0">{fullName(line.item)}</span>
            <span className="text-right text-soft text-sm">
              {placeTail(line.packed ? line.goesTo : line.item.now, places)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
