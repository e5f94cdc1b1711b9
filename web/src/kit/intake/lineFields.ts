import type { LineShown, ThingRead } from "../../api/lines";
import { word } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { CLASSES, FORMS } from "../../words/lists";
import { amount, money, share } from "../../words/quantities";

/** A part of what a line was read as, in the order in which one says it. */
export type Field = {
  column: string;
  caption: string;
  /** Null where nothing is known of it. */
  text: string | null;
  /** Whether it is proposed rather than told. */
  isProposed: boolean;
  colours: string[];
  /** What it may be, for those that are one of a list. */
  choices: readonly string[] | null;
  /** How one writes it. */
  hint: string;
};

type Told = (item: ThingRead, today: string) => string | null;

type Kind = {
  column: string;
  caption: string;
  hint: string;
  choices?: readonly string[];
  told: Told;
  /** Shown as open even when nothing is known of it. */
  isAsked?: boolean;
};

const KINDS: Kind[] = [
  {
    column: "maker",
    caption: "maker",
    hint: "",
    told: (item) => item.maker || null,
    isAsked: true,
  },
  { column: "name", caption: "name", hint: "", told: (item) => item.name || null, isAsked: true },
  {
    column: "shade",
    caption: "shade",
    hint: "as the maker calls it",
    told: (item) => item.shade || null,
    isAsked: true,
  },
  {
    column: "class",
    caption: "what it is",
    hint: "",
    choices: CLASSES,
    told: (item) => word(item.productClass),
    isAsked: true,
  },
  {
    column: "form",
    caption: "form",
    hint: "",
    choices: FORMS,
    told: (item) => word(item.form),
    isAsked: true,
  },
  {
    column: "size",
    caption: "full size",
    hint: "30 ml, 3.5 g, 50 pcs",
    told: (item) => amount(item.content, item.unit),
    isAsked: true,
  },
  {
    column: "left",
    caption: "left in it",
    hint: "half, 1/4, 12 ml",
    told: (item) => leftOf(item),
    isAsked: true,
  },
  {
    column: "opened",
    caption: "opened",
    hint: "12.3.2026",
    told: (item, today) => (item.openedOn ? shortDate(item.openedOn, today) : null),
  },
  {
    column: "expiry",
    caption: "printed use-by",
    hint: "31.3.2027",
    told: (item, today) => (item.printedExpiry ? shortDate(item.printedExpiry, today) : null),
  },
  {
    column: "months-after-opening",
    caption: "after opening",
    hint: "12",
    told: (item) => (item.periodAfterOpening ? `${item.periodAfterOpening} months` : null),
  },
  {
    column: "price",
    caption: "price",
    hint: "12.50",
    told: (item) => (item.price ? money(item.price, item.currency ?? "EUR") : null),
  },
  { column: "note", caption: "note", hint: "", told: (item) => item.note || null },
];

function leftOf(item: ThingRead): string {
  const part = item.left / item.content;
  if (item.unit === "piece") return amount(item.left, item.unit);
  return part >= 0.999 ? "full" : `${share(part)}, ${amount(item.left, item.unit)}`;
}

/** What a line was read as, part by part; several shades stand in one. */
export function fieldsOf(line: LineShown, today: string): Field[] {
  const [first] = line.items;
  if (!first) return [];
  return KINDS.map((kind) => ({
    column: kind.column,
    caption: kind.caption,
    hint: kind.hint,
    choices: kind.choices ?? null,
    text: kind.column === "shade" ? shadesOf(line.items) : kind.told(first, today),
    isProposed: first.guessed.some((column) => column === kind.column),
    colours: kind.column === "shade" ? line.items.flatMap((item) => item.colour ?? []) : [],
    isAsked: kind.isAsked ?? false,
  })).filter((field) => field.text !== null || field.isAsked);
}

function shadesOf(items: ThingRead[]): string | null {
  const shades = items.map((item) => item.shade).filter(Boolean);
  return shades.length > 1 ? `${shades.length} shades: ${shades.join(", ")}` : (shades[0] ?? null);
}

/** What will have been added: "2 × Soft base 3 ivory", "7 shades of Soft base". */
export function lineName(line: LineShown): string {
  const [first] = line.items;
  if (!first) return line.line;
  const name =
    line.items.length > 1
      ? `${line.items.length} shades of ${first.name}`
      : [first.name, first.shade].filter(Boolean).join(" ");
  return line.count > 1 ? `${line.count} × ${name}` : name;
}
