import type { Schemas } from "./client";

export type Look = Schemas["LookDraft"];
export type LookPart = Schemas["PartDraft"];
