import type { Schemas } from "../api/client";
import { capital, word } from "./codes";

type Finding = Schemas["PackingFinding"];
export type Gap = Extract<Finding, { code: "gap" }>;
export type Decided = NonNullable<Gap["facts"]["decided"]>;

/** What is told of it where one looks for it. */
export const DECIDED: Record<Decided, string> = {
  without: "done without",
  borrowed: "borrowed",
  "to-buy": "to buy",
};

function gaps(findings: Finding[]): Gap[] {
  return findings.filter((one): one is Gap => one.code === "gap");
}

/** What is missing and still to be closed. */
export function openGaps(findings: Finding[]): Gap[] {
  return gaps(findings).filter((gap) => gap.facts.isOpen);
}

/** Those about which this was decided. */
export function decidedGaps(findings: Finding[], how: Decided): Gap[] {
  return gaps(findings).filter((gap) => gap.facts.decided === how);
}

/** What is missing for one face, whatever was decided about it. */
export function gapsOf(findings: Finding[], face: string): Gap[] {
  return gaps(findings).filter((gap) => gap.facts.faces.includes(face));
}

/** "Mascara instead of lashes". */
export function insteadWords({ from, to }: Schemas["OtherService"]): string {
  return `${capital(word(to))} instead of ${word(from)}`;
}
