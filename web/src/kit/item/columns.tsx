import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Item } from "../../api/client";
import type { PlaceMap } from "../../api/kit";
import { MarksOf } from "../../parts/Marks";
import { Swatch } from "../../parts/Swatch";
import { capital } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { fullName, kindOf, placeTail } from "../../words/items";
import { figure, leftOf, money } from "../../words/quantities";

export type Known = { places: PlaceMap; today: string };

export type Column = {
  name: string;
  word: string;
  /** As a track of a grid. */
  width: string;
  /** What the list is sorted by, for columns that can be. */
  sort?: string;
  isRight?: boolean;
  cell: (item: Item, known: Known) => ReactNode;
};

const day = (value: string | null, { today }: Known) => (value ? shortDate(value, today) : "");

/** Everything a row can show; the first one always stands. */
export const COLUMNS: Column[] = [
  {
    name: "item",
    word: "Item",
    width: "minmax(12rem,3fr)",
    sort: "name",
    cell: (item) => (
      <span className="flex min-w-0 items-center gap-2">
        <Swatch item={item} size="row" />
        <Link to={`/kit/items/${item.id}`} className="truncate hover:underline">
          {fullName(item)}
        </Link>
        {item.favourite && <span className="text-soft">favourite</span>}
      </span>
    ),
  },
  {
    name: "marks",
    word: "Marks",
    width: "4rem",
    cell: (item, known) => <MarksOf item={item} {...known} />,
  },
  {
    name: "class",
    word: "What it is",
    width: "minmax(6rem,1.2fr)",
    sort: "class",
    cell: (item) => capital(kindOf(item)),
  },
  {
    name: "place",
    word: "Where",
    width: "minmax(7rem,1.6fr)",
    sort: "place",
    cell: (item, { places }) => placeTail(item.now, places),
  },
  {
    name: "left",
    word: "Left",
    width: "7.5rem",
    sort: "left",
    isRight: true,
    cell: (item) => leftOf(item),
  },
  {
    name: "use-by",
    word: "Use-by",
    width: "6.5rem",
    sort: "use-by",
    isRight: true,
    cell: (item, known) => (
      <span className={(item.useBy.lastDay ?? known.today) < known.today ? "text-stop" : ""}>
        {day(item.useBy.lastDay, known)}
      </span>
    ),
  },
  {
    name: "opened",
    word: "Opened",
    width: "6.5rem",
    sort: "opened",
    isRight: true,
    cell: (item, known) => (item.sealed ? "sealed" : day(item.openedOn, known)),
  },
  {
    name: "depth",
    word: "Depth",
    width: "4rem",
    sort: "depth",
    isRight: true,
    cell: ({ product }) => (product.depth === null ? "" : figure(product.depth)),
  },
  {
    name: "bought",
    word: "Bought",
    width: "6.5rem",
    sort: "bought",
    isRight: true,
    cell: (item, known) => day(item.boughtOn, known),
  },
  {
    name: "price",
    word: "Price",
    width: "5.5rem",
    sort: "price",
    isRight: true,
    cell: (item) => (item.price !== null && item.currency ? money(item.price, item.currency) : ""),
  },
  { name: "batch", word: "Batch", width: "6rem", cell: (item) => item.batch },
  {
    name: "code",
    word: "Label",
    width: "5rem",
    cell: (item) => `${item.code.slice(0, 3)} ${item.code.slice(3)}`,
  },
];

const KEPT = "gerula-kit-columns";
const USUAL = ["item", "marks", "class", "place", "left", "use-by"];

export function keptColumns(): string[] {
  const kept = localStorage.getItem(KEPT);
  return kept ? ["item", ...kept.split(" ").filter((name) => name !== "item")] : USUAL;
}

export function keepColumns(names: string[]) {
  localStorage.setItem(KEPT, names.join(" "));
}
