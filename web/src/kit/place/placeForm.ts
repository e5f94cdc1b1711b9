import type { UseFormReturn } from "react-hook-form";
import { z } from "zod";
import type { Place } from "../../api/client";
import { neededWord, typedNumber, typedWord } from "../../parts/typed";

export const placeSchema = z.object({
  place: z.object({
    parent: typedWord(),
    name: neededWord("Give it a name."),
    kind: z.string(),
    reach: typedNumber(),
    innerWidthMm: typedNumber(),
    innerDepthMm: typedNumber(),
    innerHeightMm: typedNumber(),
    ownMassG: typedNumber(),
    greatestMassG: typedNumber(),
    section: typedWord(),
    home: typedWord(),
    slotCount: typedNumber(),
    slotWidthMm: typedNumber(),
    slotDepthMm: typedNumber(),
    slotHeightMm: typedNumber(),
    performer: typedWord(),
    use: typedWord(),
    note: z.string(),
    estimated: z.boolean(),
    portable: z.boolean(),
    sealed: z.boolean(),
    windowed: z.boolean(),
    worn: z.boolean(),
    allowed: z.array(z.string()),
  }),
});

export type PlaceForm = z.input<typeof placeSchema>;
export type PlaceTold = z.output<typeof placeSchema>;
export type PlaceFormOf = UseFormReturn<PlaceForm, unknown, PlaceTold>;

const text = (value: string | number | null | undefined) => (value == null ? "" : String(value));

export function fromPlace(place: Partial<Place>): PlaceForm {
  return {
    place: {
      parent: text(place.parent),
      name: text(place.name),
      kind: place.kind ?? "drawer",
      portable: place.portable ?? false,
      reach: text(place.reach ?? 1),
      innerWidthMm: text(place.innerWidthMm),
      innerDepthMm: text(place.innerDepthMm),
      innerHeightMm: text(place.innerHeightMm),
      ownMassG: text(place.ownMassG ?? 0),
      greatestMassG: text(place.greatestMassG),
      section: text(place.section),
      home: text(place.home),
      slotCount: text(place.slots?.count),
      slotWidthMm: text(place.slots?.widthMm),
      slotDepthMm: text(place.slots?.depthMm),
      slotHeightMm: text(place.slots?.heightMm),
      performer: text(place.performer),
      use: text(place.use),
      note: text(place.note),
      estimated: place.estimated ?? false,
      sealed: place.sealed ?? false,
      windowed: place.windowed ?? false,
      worn: place.worn ?? false,
      allowed: place.allowed ?? [],
    },
  };
}

export function toDraft({ place }: PlaceTold, before: Partial<Place>) {
  const { slotCount, slotWidthMm, slotDepthMm, slotHeightMm, ...told } = place;
  const name = place.kind === "lent" ? "name" : "performer";
  return {
    ...told,
    reach: place.reach ?? 1,
    ownMassG: place.ownMassG ?? 0,
    slots:
      slotCount === null
        ? null
        : {
            count: slotCount,
            widthMm: slotWidthMm,
            depthMm: slotDepthMm,
            heightMm: slotHeightMm,
          },
    thing: before.thing ?? null,
    // Whoever is left as she was is told by id: a name may have been erased.
    personId: before.personId && before[name] === place[name] ? before.personId : null,
  };
}
