import type { Schemas } from "../api/client";

type Finding = Schemas["PackingFinding"];
type Gap = Extract<Finding, { code: "gap" }>;

/** What is missing and was not decided to be done without. */
export function openGaps(findings: Finding[]): Gap[] {
  return findings.filter((one): one is Gap => one.code === "gap" && !one.facts.isAccepted);
}
