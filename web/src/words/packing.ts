import type { Because, Drawn, Face, Line } from "../frame/api";
import { capital, word } from "./codes";
import { nearDate } from "./dates";
import { fullName, shortName } from "./items";
import { amount, mass } from "./quantities";

export type PackingWords = {
  faces: Map<string, Face>;
  items: ReadonlyMap<string, Drawn>;
  places: Map<string, { name: string }>;
  today: string;
};

export type Told = { key: string; chip: string; lines: string[] };

type Facts = Record<string, unknown>;

/** Of a day that has passed one does not say that it comes. */
function runOut(lastDay: unknown, words: PackingWords): string {
  return String(lastDay) < words.today ? "ran out" : "runs out";
}

function faceName(id: unknown, words: PackingWords): string {
  return words.faces.get(String(id))?.name ?? "a face";
}

function itemName(id: unknown, words: PackingWords): string {
  const item = words.items.get(String(id));
  return item ? shortName(item) : "another thing";
}

/** Names as one reads them out, or how many when they are more. */
export function names(list: string[], most = 3): string {
  if (list.length > most) return `${list.length} faces`;
  return list.length < 2 ? list.join("") : `${list.slice(0, -1).join(", ")} and ${list.at(-1)}`;
}

/** Every reason of a line as chips: one chip for what is of one kind, the figures behind it. */
export function chips(line: Line, words: PackingWords): Told[] {
  const groups = new Map<string, Because[]>();
  for (const because of line.because) {
    const key = because.code === "in-condition" ? `in-${because.facts.condition}` : because.code;
    groups.set(key, [...(groups.get(key) ?? []), because]);
  }
  return [...groups].map(([key, list]) => chip(key, list, line, words));
}

function chip(key: string, list: Because[], line: Line, words: PackingWords): Told {
  const facts = list.map((because) => because.facts as Facts);
  const first = facts[0] ?? {};
  switch (list[0]?.code) {
    case "for-service": {
      const faces = [...new Set(facts.map((one) => faceName(one.face, words)))];
      return {
        key,
        chip: names(faces, 2),
        lines: facts.map(
          (one) => `${capital(word(String(one.service)))} for ${faceName(one.face, words)}.`,
        ),
      };
    }
    case "in-condition":
      return {
        key,
        chip: word(String(first.condition)),
        lines: [`The booking says: ${word(String(first.condition))}.`],
      };
    case "for-skin":
      return {
        key,
        chip: [...new Set(facts.map((one) => word(String(one.skinType))))].join(", "),
        lines: facts.map(
          (one) => `${faceName(one.face, words)} has ${word(String(one.skinType))} skin.`,
        ),
      };
    case "for-concern":
      return {
        key,
        chip: [...new Set(facts.map((one) => word(String(one.concern))))].join(", "),
        lines: facts.map((one) => `${faceName(one.face, words)}: ${word(String(one.concern))}.`),
      };
    case "every-job":
      return { key, chip: "every job", lines: ["No job goes without it."] };
    case "counted":
      return {
        key,
        chip: `${amount(line.amount, "piece")}`,
        lines: facts.map(
          (one) =>
            `${faceName(one.face, words)}: ${one.eachDay} a day, ${one.days} ${one.days === 1 ? "day" : "days"}.`,
        ),
      };
    case "reserve":
      return {
        key,
        chip: `+${first.percent} %`,
        lines: [`${first.pieces} in reserve on ${first.counted} counted, rounded up.`],
      };
    case "companion-of":
      return {
        key,
        chip:
          list.length === 1 ? `with ${itemName(first.item, words)}` : `goes with ${list.length}`,
        lines: facts.map((one) => `${itemName(one.item, words)} is useless without it.`),
      };
    case "suits-depth":
      return {
        key,
        chip: `depth ${facts.map((one) => one.faceDepth).join(", ")}`,
        lines: facts.map(
          (one) =>
            `${faceName(one.face, words)} has depth ${one.faceDepth}; this shade suits ${one.depth}.`,
        ),
      };
    case "use-first":
      return {
        key,
        chip: "use first",
        lines: [
          `Open already and good until ${nearDate(String(first.lastDay), words.today)}: others keep longer.`,
        ],
      };
    case "already-packed":
      return { key, chip: "packed by hand", lines: ["Nothing asks for it, but it is ticked off."] };
    default:
      return { key, chip: word(key), lines: [] };
  }
}

/** Why an item does not serve. */
export function refusalWords(because: Because, words: PackingWords): string {
  const facts = because.facts as Facts;
  switch (because.code) {
    case "personal":
      return "is your own";
    case "nowhere":
      return "cannot be found";
    case "elsewhere":
      return `is with ${words.places.get(String(facts.place))?.name ?? "somebody else"}`;
    case "for-somebody-else":
      return `is kept for ${facts.person}`;
    case "contaminated":
      return "is contaminated";
    case "quarantined":
      return "is quarantined";
    case "has-changed":
      return "was reported changed";
    case "used-up":
      return "has not enough left";
    case "runs-out":
      return `${runOut(facts.lastDay, words)} ${nearDate(String(facts.lastDay), words.today)}`;
    case "conflict":
      return `contains ${word(String(facts.sensitivity))}`;
    case "lacks":
      return `is not ${word(String(facts.trait))}`;
    case "kept-away":
      return `is ${word(String(facts.trait))}, which this job keeps away`;
    case "wrong-depth":
      return `suits depth ${facts.depth}, not ${facts.wanted}`;
    case "other-unit":
      return "is measured in another unit";
    case "without-companion":
      return `is useless without ${(facts.anyOf as string[]).map(word).join(" or ")}, and there is none to take`;
    default:
      return word(because.code);
  }
}

type GapFacts = {
  kind: string;
  faces: string[];
  depth: number | null;
  shortThousandths: number | null;
  unit: string | null;
  wanted: string[];
  nearest: { item: string; because: Because }[];
};

export function gapFacts(finding: Because): GapFacts {
  return finding.facts as unknown as GapFacts;
}

/** "Lash adhesive without latex for Isaura". */
export function gapTitle(finding: Because, words: PackingWords): string {
  const { kind, faces, depth, wanted } = gapFacts(finding);
  const traits = wanted.map(word).join(", ");
  const what = `${traits ? `${capital(traits)} ` : ""}${traits ? word(kind) : capital(word(kind))}`;
  const forWhom = faces.length ? ` for ${names(faces.map((id) => faceName(id, words)))}` : "";
  return `${what}${forWhom}${depth !== null ? `, depth ${depth}` : ""}`;
}

/** How much is missing, and what came nearest. */
export function gapLines(finding: Because, words: PackingWords): string[] {
  const { shortThousandths, unit, nearest } = gapFacts(finding);
  const short =
    shortThousandths === null || unit === null
      ? []
      : [`${capital(amount(shortThousandths / 1000, unit))} short.`];
  const refused = nearest.map(({ item, because }) => {
    const known = words.items.get(item);
    return `${known ? fullName(known) : "One thing"} ${refusalWords(because, words)}.`;
  });
  return [...short, ...(refused.length ? refused : ["The kit has nothing of this kind."])];
}

/** Findings other than gaps. */
export function findingWords(finding: Because, words: PackingWords): string {
  const facts = finding.facts as Facts;
  switch (finding.code) {
    case "runs-out-before":
      return `${itemName(facts.item, words)} ${runOut(facts.lastDay, words)} ${nearDate(String(facts.lastDay), words.today)}.`;
    case "second-best":
      return `${faceName(facts.face, words)} would be better served by something ${word(String(facts.trait))} than by ${itemName(facts.item, words)}; the kit has none to spare.`;
    case "wheels-on-long-carry":
      return `${words.places.get(String(facts.bag))?.name ?? "The case"} rolls on wheels, and the way is stairs, sand or snow. A backpack would do.`;
    case "over-heavy":
      return `${words.places.get(String(facts.bag))?.name ?? "The bag"} would weigh ${mass(Number(facts.grams))}; it may weigh ${mass(Number(facts.greatestGrams))}.`;
    case "no-bag":
      return "No bag is chosen for this booking yet.";
    default:
      return word(finding.code);
  }
}
