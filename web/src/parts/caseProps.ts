import type { Drawn, Tray } from "../api/client";

export type OpenCaseProps = {
  tray: Tray;
  items: ReadonlyMap<string, Drawn>;
  /** Whether a thing is in the case already; others are drawn as they will lie. */
  isIn?: ((item: string) => boolean) | undefined;
  chosen?: string | null | undefined;
  onChoose: (item: string) => void;
  nameOf: (item: Drawn) => string;
  /** The compartment looked at closely, null for the whole case. */
  zoom?: string | null | undefined;
  onZoom?: ((place: string | null) => void) | undefined;
  /** Width of the widest case beside it, mm, when several are drawn in one scale. */
  beside?: number | undefined;
  /** Whether pieces can be lifted out of it. */
  canLift?: boolean | undefined;
};

export type Inner = OpenCaseProps & {
  first: string | undefined;
  /** Size of words and signs, 1 in a whole case. */
  unit: number;
};
