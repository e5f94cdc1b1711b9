import { useQueries } from "@tanstack/react-query";
import type { Item, Line } from "../api/client";
import { paletteQuery } from "../api/depot";
import { usePlaces } from "../api/kit";

/** Parts of the work whose products a look is made of. */
const OF_A_LOOK = new Set(["skin", "base", "powder", "brows", "eyes", "mascara", "lashes", "lips"]);

/** What a look can be recorded with. */
export type Usable = Pick<Item, "id"> & {
  product: Pick<
    Item["product"],
    "id" | "maker" | "name" | "shade" | "colour" | "depth" | "productClass"
  >;
};

/** What is there for a face that ends on her skin: of a palette each pan by itself. */
export function useUsable(lines: Line[]): Usable[] {
  const places = usePlaces();
  const insides = new Map(
    [...places.values()]
      .filter((place) => place.thing && place.slots)
      .map((place) => [place.thing, place.id]),
  );
  const inside = ({ item }: Line) =>
    item.product.productClass === "palette" || insides.has(item.id)
      ? insides.get(item.id)
      : undefined;
  const palettes = lines.map(inside).filter((id) => id !== undefined);
  const pans = useQueries({ queries: palettes.map(paletteQuery) }).map((query, index) => ({
    palette: palettes[index],
    items: query.data?.slots.flatMap(({ item }) => (item ? [item] : [])) ?? [],
  }));
  return lines.flatMap((line): Usable[] => {
    const of = pans.find(({ palette }) => palette !== undefined && palette === inside(line));
    if (of && of.items.length > 0) return of.items;
    return OF_A_LOOK.has(line.section) ? [line.item] : [];
  });
}
