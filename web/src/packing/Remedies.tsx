import { Link } from "react-router";
import type { Drawn, Schemas } from "../api/client";
import { type PackingList, useOtherServices } from "../api/packing";
import { DecantIt } from "../parts/DecantIt";
import { Button, buttonLook } from "../ui/Button";
import { needWord } from "../words/codes";
import { type Gap, insteadWords } from "../words/gaps";
import { shortName } from "../words/items";
import { type PackingWords, refusedWords } from "../words/packing";
import { useDeciding } from "./useDeciding";

type RemediesProps = { booking: PackingList["booking"]; gap: Gap; words: PackingWords };

/** What can be done about a gap in one press, and what came near it with what can be done there. */
export function Remedies({ booking, gap, words }: RemediesProps) {
  const { need, service } = useDeciding(booking.id);
  const { canBeBorrowed, decided, nearest } = gap.facts;
  const otherServices = useOtherServices(booking.id, gap.facts.need).data ?? [];
  // What the kit has or had is bought again as what it is.
  const isNew = !nearest.some(({ remedy }) => remedy === "buy");
  return (
    <>
      <p className="flex flex-wrap items-center gap-2 pt-1.5">
        {decided === "to-buy" ? (
          <Link to="/restock#buying" className={buttonLook("bare")}>
            It is on the buying list
          </Link>
        ) : (
          isNew && (
            <Button
              aria-label={`Buy ${needWord(gap.facts.need)}`}
              onClick={() => need(gap.facts.need, "to-buy")}
            >
              Buy it
            </Button>
          )
        )}
        {canBeBorrowed && (
          <Button
            aria-label={`Borrow ${needWord(gap.facts.need)}`}
            onClick={() => need(gap.facts.need, "borrowed")}
          >
            Borrow it
          </Button>
        )}
        {otherServices.map((other) => (
          <Button key={`${other.from} ${other.to}`} onClick={() => service(other)}>
            {insteadWords(other)}
          </Button>
        ))}
      </p>
      <NearList booking={booking} gap={gap} words={words} />
    </>
  );
}

function NearList({ booking, gap, words }: RemediesProps) {
  return (
    <ul className="py-1">
      {gap.facts.nearest.map((near) => (
        <li
          key={near.item}
          className="flex items-center justify-between gap-3 py-0.5 max-hand:flex-col max-hand:items-start max-hand:gap-0"
        >
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
  decide: "Decide about it",
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
    case "decant":
      return (
        <DecantIt kind="bare" item={near.item} name={name}>
          Decant it
        </DecantIt>
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
