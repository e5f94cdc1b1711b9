import { Link } from "react-router";
import type { Drawn, Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { Button, buttonLook } from "../ui/Button";
import { shortName } from "../words/items";
import { type Gap, type PackingWords, refusedWords } from "../words/packing";
import { useDeciding } from "./useDeciding";

type RemediesProps = { booking: PackingList["booking"]; gap: Gap; words: PackingWords };

/** What came near, each with what can be done about it in one press. */
export function Remedies({ booking, gap, words }: RemediesProps) {
  return (
    <ul className="py-1">
      {gap.facts.nearest.map((near) => (
        <li key={near.item} className="flex items-center justify-between gap-3 py-0.5">
          <span className="text-[0.87rem] text-soft">{refusedWords(near, words)}</span>
          <Remedy
            near={near}
            item={words.items.get(near.item)}
            booking={booking}
            need={gap.facts.need}
          />
        </li>
      ))}
    </ul>
  );
}

type RemedyProps = {
  near: Schemas["Refused"];
  item: Drawn | undefined;
  booking: PackingList["booking"];
  need: string;
};

/** Where one has to see the item for it, its sheet is one press away. */
const ON_ITS_SHEET = {
  refill: "Refill it",
  "ask-back": "Ask it back",
  find: "Say where it is",
  "say-role": "Say what it is for",
} as const;

function Remedy({ near, item, booking, need }: RemedyProps) {
  const decide = useDeciding(booking.id);
  if (!near.remedy || !item) return null;
  const name = shortName(item);
  switch (near.remedy) {
    case "buy":
      return (
        <Button
          kind="bare"
          className="whitespace-nowrap"
          onClick={() => decide.buy(item.product.id, name, booking.firstDay, booking.title)}
        >
          Buy another
        </Button>
      );
    case "take-after-all":
      return (
        <Button
          kind="bare"
          className="whitespace-nowrap"
          onClick={() => decide.item(near.item, "as-worked-out", `${name} may go along again.`)}
        >
          Take it after all
        </Button>
      );
    case "instead":
      return (
        <Button
          kind="bare"
          className="whitespace-nowrap"
          onClick={() => decide.instead(need, near.item, name)}
        >
          Take it instead
        </Button>
      );
    default:
      return (
        <Link to={`/kit/items/${near.item}`} className={`${buttonLook("bare")} whitespace-nowrap`}>
          {ON_ITS_SHEET[near.remedy]}
        </Link>
      );
  }
}
