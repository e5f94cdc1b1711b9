import type { Drawn, Face, Line, Schemas } from "../api/client";
import { capital, count, needWord, roleWord, word } from "./codes";
import { before, byDay, inDate } from "./dates";
import type { Gap } from "./gaps";
import { fullName, shortName } from "./items";
import { amount, figure, mass } from "./quantities";

export type PackingWords = {
  faces: Map<string, Face>;
  items: ReadonlyMap<string, Drawn>;
  places: Map<string, { name: string }>;
  today: string;
  /** Local time of the first call, as 2031-04-17T05:40; null while nobody said it. */
  call: string | null;
};

export type ReasonChip = { key: string; chip: string; lines: string[] };

type NeedReason = Schemas["NeedReason"];
type TakenReason = Schemas["TakenReason"];
type PackingFinding = Schemas["PackingFinding"];

function faceName(id: string, words: PackingWords): string {
  return words.faces.get(id)?.name ?? "a face";
}

function itemName(id: string, words: PackingWords): string {
  const item = words.items.get(id);
  return item ? shortName(item) : "another item";
}

/** Names as one reads them out, or how many when they are more. */
export function names(list: string[], most = 3): string {
  return list.length > most ? `${list.length} faces` : joined(list);
}

/** "a, b and c". */
export function joined(list: string[]): string {
  return list.length < 2 ? list.join("") : `${list.slice(0, -1).join(", ")} and ${list.at(-1)}`;
}

/** Every reason of a line as chips: one chip for what is of one kind, the figures behind it. */
export function chips(line: Line, words: PackingWords): ReasonChip[] {
  const groups = new Map<string, (NeedReason | TakenReason)[]>();
  for (const reason of [...line.reasons, ...line.taken]) {
    const key = reason.code === "in-condition" ? `in-${reason.facts.condition}` : reason.code;
    groups.set(key, [...(groups.get(key) ?? []), reason]);
  }
  return [...groups].map(([key, list]) => ({
    key,
    chip: chipWord(list, line, words),
    lines: list.map((reason) => reasonLine(reason, words)),
  }));
}

type AnyReason = NeedReason | TakenReason;
type Coded<C extends AnyReason["code"]> = Extract<AnyReason, { code: C }>;

/** Reasons of one kind in a word or two. */
function chipWord(list: AnyReason[], line: Line, words: PackingWords): string {
  const of = <C extends AnyReason["code"]>(code: C) =>
    list
      .filter((one): one is Coded<C> => one.code === code)
      .map((one) => one.facts as Coded<C>["facts"]);
  const first = list[0] as AnyReason;
  const each = (texts: string[]) => [...new Set(texts)];
  switch (first.code) {
    case "for-service":
      return names(each(of("for-service").map(({ face }) => faceName(face, words))), 2);
    case "in-condition":
      return word(first.facts.condition);
    case "for-skin":
      return each(of("for-skin").map(({ skinType }) => word(skinType))).join(", ");
    case "for-concern":
      return each(of("for-concern").map(({ concern }) => word(concern))).join(", ");
    case "every-job":
      return "every job";
    case "to-choose-from":
      return list.length > 1
        ? "to choose from"
        : names(each(first.facts.faces.map((face) => faceName(face, words))), 2);
    case "counted-for-service":
    case "counted-per-face":
      return amount(line.amount, "piece");
    case "reserve":
      return `+${first.facts.percent} %`;
    case "for-work":
      return word(first.facts.kind);
    case "for-travel":
      return word(first.facts.travel);
    case "in-look":
      return first.facts.isExact ? "in her look" : "like her look";
    case "for-hair":
      return each(of("for-hair").map(({ hair }) => hairWord(hair))).join(", ");
    case "spare":
      return "spare";
    case "serves-role":
      return each(of("serves-role").map(({ role }) => roleWord(role))).join(", ");
    case "with-pan":
      return list.length === 1 ? "for one pan" : `for ${list.length} pans`;
    case "lifted":
      return `lifted into ${itemName(first.facts.into, words)}`;
    case "carries-pan":
      return list.length === 1 ? "carries one pan" : `carries ${list.length} pans`;
    case "of-set":
      return `set ${first.facts.name}`;
    case "kept-for":
      return `kept for ${names(each(of("kept-for").map(({ face }) => faceName(face, words))), 2)}`;
    case "added":
      return "added by you";
    case "pinned":
      return "pinned by you";
    case "companion-of":
      return list.length === 1
        ? `with ${itemName(first.facts.item, words)}`
        : `goes with ${list.length}`;
    case "leans":
      return of("leans").every(({ wanted, is }) => is === wanted)
        ? "her undertone"
        : "undertone, see why";
    case "suits-depth":
      return `depth ${of("suits-depth")
        .map(({ faceDepth }) => faceDepth)
        .join(", ")}`;
    case "in-recipe":
      return list.length === 1 && first.facts.tenths === 10
        ? "her shade"
        : `mixed for ${names(each(of("in-recipe").map(({ face }) => faceName(face, words))), 2)}`;
    case "use-first":
      return "use first";
    case "already-packed":
      return "packed by hand";
  }
}

/** One reason with its figures, as a sentence. */
function reasonLine({ code, facts }: AnyReason, words: PackingWords): string {
  switch (code) {
    case "for-service":
      return `${capital(word(facts.service))} for ${faceName(facts.face, words)}.`;
    case "in-condition":
      return `The booking says: ${word(facts.condition)}.`;
    case "for-skin":
      return `${faceName(facts.face, words)} has ${word(facts.skinType)} skin.`;
    case "for-concern":
      return `${faceName(facts.face, words)}: ${word(facts.concern)}.`;
    case "every-job":
      return "Every job needs it.";
    case "to-choose-from":
      return `${capital(word(facts.service))} for ${names(facts.faces.map((face) => faceName(face, words)))}: decide on the day.`;
    case "counted-for-service":
      return `${capital(word(facts.service))}: ${facts.each} each time, ${facts.times === 1 ? "once" : `${facts.times} times`}.`;
    case "counted-per-face":
      return `Whatever is done: ${facts.each} each time, ${facts.times === 1 ? "once" : `${facts.times} times`}.`;
    case "reserve":
      return `${facts.pieces} in reserve on ${facts.counted} counted, rounded up.`;
    case "for-work":
      return `The work: ${word(facts.kind)}.`;
    case "for-travel":
      return `The way there: ${word(facts.travel)}.`;
    case "in-look":
      return facts.isExact
        ? `The look of ${faceName(facts.face, words)} is made with it.`
        : `The look of ${faceName(facts.face, words)} has a colour like it.`;
    case "for-hair":
      return `${faceName(facts.face, words)}: ${hairWord(facts.hair)}.`;
    case "spare":
      return `If ${itemName(facts.of, words)} failed, the job would stop.`;
    case "serves-role":
      return `${capital(roleWord(facts.role))}: ${ROLE_SOURCES[facts.by]}.`;
    case "with-pan":
      return `${itemName(facts.pan, words)} lies in it; a palette comes whole.`;
    case "lifted":
      return facts.from
        ? `Only this pan of ${itemName(facts.from, words)} is needed: it travels in ${itemName(facts.into, words)}, and the palette stays at home.`
        : `It travels in ${itemName(facts.into, words)}.`;
    case "carries-pan":
      return `It carries ${itemName(facts.pan, words)}.`;
    case "of-set":
      return `One of the brushes of set ${facts.name}.`;
    case "kept-for":
      return `It is kept for ${faceName(facts.face, words)}.`;
    case "added":
      return "You added it.";
    case "pinned":
      return "You pinned it: it is taken before others.";
    case "companion-of":
      return `${itemName(facts.item, words)} is useless without it.`;
    case "leans":
      return facts.is
        ? `${faceName(facts.face, words)} leans ${word(facts.wanted)}, the shade ${word(facts.is)}.`
        : `${faceName(facts.face, words)} leans ${word(facts.wanted)}; the shade’s name does not say: look at the jaw.`;
    case "suits-depth":
      return `${faceName(facts.face, words)} has depth ${facts.faceDepth}; this shade suits ${facts.depth}.`;
    case "in-recipe":
      return `${tenthsOf(facts.tenths)} for ${faceName(facts.face, words)}, ${nearness(facts.deltaE)}.`;
    case "use-first":
      return `Open already and ${inDate(facts.lastDay, words.today)}: others keep longer.`;
    case "already-packed":
      return "Nothing needs it, but it is packed already.";
  }
}

const ROLE_SOURCES: Record<Schemas["ProductView"]["servesBy"], string> = {
  told: "you said so",
  colour: "its colour says so",
  words: "guessed from its name",
  nothing: "not known yet",
};

function hairWord(hair: string): string {
  return hair === "unknown" ? "hair not known" : `${word(hair)} hair`;
}

/** "7 tenths"; all of it is said so. */
export function tenthsOf(tenths: number): string {
  return tenths === 10 ? "All of it" : `${tenths} ${tenths === 1 ? "tenth" : "tenths"}`;
}

/** How near a base comes to the face. */
export function nearness(deltaE: number | null): string {
  return deltaE === null ? "by depth, not measured" : `ΔE ${figure(Math.round(deltaE * 10) / 10)}`;
}

/** Why an item does not serve. */
export function refusalWords({ code, facts }: Schemas["Refusal"], words: PackingWords): string {
  switch (code) {
    case "personal":
      return "is your own";
    case "not-located":
      return "cannot be found";
    case "elsewhere":
      return `is with ${words.places.get(facts.place)?.name ?? "somebody else"}`;
    case "for-somebody-else":
      return `is kept for ${facts.person}`;
    case "contaminated":
      return "is contaminated";
    case "quarantined":
      return "is quarantined";
    case "spoiled":
      return "was reported spoiled";
    case "used-up":
      return "doesn’t have enough left";
    case "runs-out":
      return `is ${inDate(facts.lastDay, words.today, "only until")}`;
    case "conflict":
      return `contains ${word(facts.sensitivity)}`;
    case "lacks":
      return `is not ${word(facts.trait)}`;
    case "kept-away":
      return `is ${word(facts.trait)}, which this job keeps away`;
    case "wrong-depth":
      return facts.depth === null
        ? "has a shade nobody has measured"
        : `suits depth ${facts.depth}, not ${facts.wanted}`;
    case "wrong-colour":
      return `is ${nearness(facts.deltaE)} off her skin; you accept ${figure(facts.limit)}`;
    case "other-product":
      return `is not ${facts.wanted}${facts.deltaE === null ? "" : `: ${nearness(facts.deltaE)} away`}`;
    case "other-unit":
      return "is measured in another unit";
    case "one-person-only":
      return "can be used on one face only: it cannot be cleaned";
    case "other-role":
      return `is ${facts.roles.map(roleWord).join(", ")}`;
    case "role-unknown":
      return "has a colour nobody has told: say what it is for";
    case "stays-at-home":
      return `stays at home: ${word(facts.condition)}`;
    case "left-out":
      return "stays at home because you said so";
    case "on-another-booking":
      return `goes along on ${facts.title}`;
  }
}

/** "Lash adhesive without latex for Isaura". */
export function gapTitle(gap: Gap, words: PackingWords): string {
  const { need, faces, depth, wanted } = gap.facts;
  const traits = wanted.map(word).join(", ");
  const what = `${traits ? `${capital(traits)} ` : ""}${traits ? needWord(need) : capital(needWord(need))}`;
  const forWhom = faces.length ? ` for ${names(faces.map((id) => faceName(id, words)))}` : "";
  return `${what}${forWhom}${depth !== null ? `, depth ${depth}` : ""}`;
}

/** How much is missing, and what is of no use without it. */
export function gapLines(gap: Gap, words: PackingWords): string[] {
  const { shortThousandths, unit, nearest, blocks } = gap.facts;
  const short =
    shortThousandths === null || unit === null
      ? []
      : [`${capital(amount(shortThousandths / 1000, unit))} short.`];
  const blocked = blocks.length
    ? [`Without it of no use: ${names(blocks.map((item) => itemName(item, words)))}.`]
    : [];
  return [...short, ...blocked, ...(nearest.length ? [] : ["The kit has nothing of this kind."])];
}

type Refused = Schemas["Refused"];

/** What came near, and why it is not taken. */
export function refusedWords({ item, reason }: Refused, words: PackingWords): string {
  const known = words.items.get(item);
  return `${known ? fullName(known) : "One item"} ${refusalWords(reason, words)}.`;
}

/** Why one of two that would both do is taken. */
export const PREFERRED: Record<NonNullable<Schemas["NeedAnswer"]["because"]>, string> = {
  pinned: "you pinned it",
  complete: "the other is of no use without something that is missing",
  "kept-for-her": "it is kept for her",
  "label-read": "its label was read",
  "wanted-traits": "it does more of what is wanted",
  "nothing-special": "the other does something nobody asks for",
  "her-undertone": "the other leans to another side than she does",
  "nearer-shade": "its shade is nearer",
  "fewer-pieces": "it serves other needs too",
  lighter: "it is lighter",
  clean: "it is clean",
  "put-first": "you put it first",
  "not-due-for-replacement": "the other is due for replacement",
  "open-already": "it is open already",
  "earlier-date": "it goes out of date sooner",
  favourite: "it is a favourite",
  "not-rare": "the other is kept for rare cases",
  "in-the-bag": "it is in the bag already",
  "by-name": "both are alike, and one is enough",
};

/** Why an item is not on the list, a line for each need it could serve. */
export function whyNotLines({ answers }: Schemas["WhyNot"], words: PackingWords): string[] {
  if (answers.length === 0) return ["Nothing on this booking asks for it."];
  return answers.map(({ need, faces, refusal, instead, because }) => {
    const forWhom = faces.length ? ` for ${names(faces.map((id) => faceName(id, words)))}` : "";
    const what = `${capital(needWord(need))}${forWhom}`;
    if (refusal) return `${what}: it ${refusalWords(refusal, words)}.`;
    if (!instead || !because) return `${what}: nothing more is needed.`;
    return `${what}: ${itemName(instead, words)} is taken, because ${PREFERRED[because]}.`;
  });
}

/** Whether it can go, in one sentence. */
export function readinessWords(readiness: Schemas["Readiness"], today: string): string {
  const { state, toDo, toGet, by } = readiness;
  const things = [
    toDo > 0 && `${count(toDo, "task")} ${toDo === 1 ? "is" : "are"} done`,
    toGet > 0 && `${toDo > 0 ? String(toGet) : count(toGet, "item")} got`,
  ];
  const what = things.filter(Boolean).join(" and ");
  switch (state) {
    case "ready":
      return "Ready to go.";
    case "when-done":
      return `Ready when ${toDo === 0 ? what.replace(" got", toGet === 1 ? " is got" : " are got") : what}${by ? ` by ${byDay(by, today)}` : ""}.`;
    case "too-late-to-order":
      return "What is missing comes too late if it is ordered: borrow it or do without.";
  }
}

/** A finding, as a sentence. */
export function findingWords(finding: PackingFinding, words: PackingWords): string {
  const bag = (id: string) => words.places.get(id)?.name ?? "The bag";
  switch (finding.code) {
    case "gap":
      return `${gapTitle(finding, words)}.`;
    case "runs-out-before": {
      const { item, lastDay } = finding.facts;
      return `${itemName(item, words)} is ${inDate(lastDay, words.today, "only until")}.`;
    }
    case "last-of-it":
      return `${itemName(finding.facts.item, words)} is enough, but only just: there is no reserve.`;
    case "only-one-there":
      return `${itemName(finding.facts.item, words)} is the only one: if it fails, the job stops.`;
    case "clean-first":
      return `Clean ${itemName(finding.facts.item, words)} first: it is ${word(finding.facts.is)}${driesWords(finding.facts.readyAfterMinutes, words.call)}.`;
    case "role-guessed":
      return `${itemName(finding.facts.item, words)} was taken for ${finding.facts.roles.map(roleWord).join(", ")} by its name: have a look at its colour.`;
    case "place-not-told": {
      const { items } = finding.facts;
      return items === 1
        ? "One item here has no place yet: say where it is as you pack it."
        : `${items} items here have no place yet: say where they are as you pack them.`;
    }
    case "take-out": {
      const { items, more, place } = finding.facts;
      const all = items.map((item) => itemName(item, words));
      if (more > 0) all.push(`${count(more, "other item")}`);
      return `${joined(all)} ${all.length === 1 ? "lies" : "lie"} in ${bag(place)} and nothing here needs ${all.length === 1 ? "it" : "them"}.`;
    }
    case "other-undertone": {
      const { face, item, wanted, is } = finding.facts;
      return `${faceName(face, words)} leans ${word(wanted)} and ${itemName(item, words)} leans ${word(is)}: mix it, or look again at the jaw.`;
    }
    case "second-best": {
      const { face, trait, item } = finding.facts;
      return `For ${faceName(face, words)} something ${word(trait)} would be better than ${itemName(item, words)}, but the kit has none to spare.`;
    }
    case "label-not-checked": {
      const { item, sensitivities, faces } = finding.facts;
      const whom = names(faces.map((id) => faceName(id, words)));
      return `Read the label of ${itemName(item, words)} for ${sensitivities.map(word).join(", ")} before it touches ${whom}: nobody has checked. It takes a minute.`;
    }
    case "wheels-on-long-carry":
      return `${bag(finding.facts.bag)} rolls on wheels, and the way is stairs, sand or snow. A backpack would do.`;
    case "bag-over-heavy":
      return `${bag(finding.facts.bag)} would weigh ${mass(finding.facts.grams)}; it may weigh ${mass(finding.facts.greatestGrams)}.`;
    case "bag-to-clean":
      return `${bag(finding.facts.bag)} came back from a job: empty it and wipe it inside and out first.`;
    case "no-bag":
      return "No bag is chosen for this booking yet.";
  }
}

/**
 * ", and dries for 8 h: cleaned by Wed 16 Apr, 21:40 it is dry at the call"; nothing where that takes
 * no time to speak of.
 */
function driesWords(minutes: number | null, call: string | null): string {
  if (minutes === null || minutes < 15) return "";
  const hours = Math.round(minutes / 60);
  const dries = `, and dries for ${hours > 0 ? `${hours} h` : `${minutes} min`} once it is cleaned`;
  return call ? `${dries}: by ${before(call, minutes)} to be dry at the call` : dries;
}
