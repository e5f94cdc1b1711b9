import type { Schemas } from "../api/client";
import { capital, needWord } from "./codes";
import { shortName } from "./items";
import { joined, type PackingWords, PREFERRED, refusalWords } from "./packing";

type Change = Schemas["ListChange"];
type WentOff = Extract<Change, { code: "went-off" }>["facts"];

function itemName(id: string, words: PackingWords): string {
  const item = words.items.get(id);
  return item ? shortName(item) : "another item";
}

/** What became of a list: a sentence each, one for all that went off it for the same reason. */
export function changeLines(changes: Change[], words: PackingWords): string[] {
  const wentOff = new Map<string, string[]>();
  const lines: (() => string)[] = [];
  for (const change of changes) {
    if (change.code !== "went-off") {
      lines.push(() => changeWords(change, words));
      continue;
    }
    const rest = why(change.facts, words) + instead(change.facts, words);
    const called = wentOff.get(rest) ?? [];
    if (called.length === 0) lines.push(() => `${together(called)} ${rest}`);
    wentOff.set(rest, called);
    called.push(change.facts.called);
  }
  return lines.map((line) => line());
}

function together(called: string[]): string {
  return called.length > 1 ? `${joined(called)}: each` : called.join("");
}

function changeWords(change: Exclude<Change, { code: "went-off" }>, words: PackingWords): string {
  const { code, facts } = change;
  switch (code) {
    case "newly-missing":
      return `Missing now: ${needWord(facts.need)}.`;
    case "no-longer-missing":
      return `${capital(needWord(facts.need))}: not missing any more.`;
    case "came-on":
      return `${itemName(facts.item, words)} came on, for ${joined(facts.needs.map(needWord))}.`;
    case "other-number":
      return `${itemName(facts.item, words)}: ${facts.now} instead of ${facts.before}.`;
  }
}

function instead(facts: WentOff, words: PackingWords): string {
  const items = facts.instead.map((id) => itemName(id, words));
  return items.length ? `. Instead: ${joined(items)}.` : ".";
}

function why(facts: WentOff, words: PackingWords): string {
  if (!facts.isInKit) return "is not in the kit any more";
  if (facts.refusal) return refusalWords(facts.refusal, words);
  if (!facts.isAskedFor) return "is not asked for any more";
  if (facts.because) return `is not taken: there is another, and ${PREFERRED[facts.because]}`;
  return "is not needed beside the others";
}
