import type { Schemas } from "../api/client";

type Piece = Schemas["FlyingPiece"];
type Finding = Schemas["ChairsView"]["findings"][number];
type How = Schemas["LoadedBag"]["how"];

export const FLIGHT_REASONS: Record<Piece["reasons"][number], string> = {
  "container-over-100-ml":
    "the container holds more than 100 ml, however much is in it (EU 2015/1998)",
  "in-the-liquids-bag": "goes into the bag of liquids (EU 2015/1998)",
  "toiletry-too-large": "more than 500 g or 500 ml of one toiletry (ICAO)",
  "aerosol-no-toiletry": "an aerosol that is no toiletry",
  flammable: "burns, and is no toiletry",
  "spare-in-cabin-only": "spare batteries go in the cabin only (IATA)",
  "cover-terminals": "cover its poles",
  "over-100-wh": "more than 100 Wh: the carrier approves at most two (IATA)",
  "over-160-wh": "more than 160 Wh",
  "blade-over-60-mm": "blades of more than 60 mm from the pivot (EU 2015/1998, 4-C)",
  "loose-blade": "loose blades never go in the cabin",
  "cover-blade": "cover the blade",
  "may-be-inspected": "more than 350 ml of powder may be inspected (TSA)",
};

export const FLIGHT_ADVICE: Record<Piece["advice"][number], string> = {
  "decant-to-100-ml": "Decant into 100 ml",
  "hold-instead": "pack it into checked baggage",
  "cabin-instead": "take it into the cabin",
  "buy-there": "buy it there, or send it by ground",
  "ask-the-carrier": "ask the carrier",
  "measure-it": "look at the label, or measure it",
};

const MISSING: Record<string, string> = {
  containerMl: "how much its container holds",
  massG: "what it weighs",
  wattHours: "its watt-hours",
  bladeMm: "how long its blades are",
};

export function missingWords(missing: string[]): string {
  return `not known: ${missing.map((one) => MISSING[one] ?? one).join(", ")}`;
}

export const CHAIR_FINDINGS: Record<Finding, string> = {
  "lead-first": "A lead sits first: when she is late, all are.",
  "lead-last": "A lead sits last: nothing is left for her.",
  late: "Not everybody is ready in time.",
};

export const LIFTS: Record<How, string> = {
  lifted: "lifted into a boot, one person (NIOSH 94-110; not for stairs)",
  worn: "worn, by your house rules",
  carried: "carried, by your house rules",
};
