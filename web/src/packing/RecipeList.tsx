import { Link } from "react-router";
import type { Drawn, Schemas } from "../api/client";
import { paintOf } from "../parts/depths";
import { shortName } from "../words/items";
import { nearness, type PackingWords } from "../words/packing";

type Recipe = Schemas["BaseRecipe"];

type RecipeListProps = { booking: string; recipes: Recipe[]; words: PackingWords };

/** What each face's base is made of: tenths as one scoops them, and how near it comes. */
export function RecipeList({ booking, recipes, words }: RecipeListProps) {
  if (recipes.length === 0) return null;
  return (
    <section aria-label="Base shades" className="mb-5">
      <h2 className="flex justify-between border-line border-b pb-1 font-semibold">
        Base shades
        <span className="font-normal text-soft">an estimate: your eye decides at the jaw</span>
      </h2>
      <ul>
        {recipes.map((recipe) => (
          <RecipeRow
            key={`${recipe.face} ${recipe.need} ${recipe.parts.map((part) => part.item).join()}`}
            booking={booking}
            recipe={recipe}
            words={words}
          />
        ))}
      </ul>
    </section>
  );
}

type RecipeRowProps = { booking: string; recipe: Recipe; words: PackingWords };

function RecipeRow({ booking, recipe, words }: RecipeRowProps) {
  const face = words.faces.get(recipe.face);
  const parts = recipe.parts.map(({ item, tenths }) => ({ item: words.items.get(item), tenths }));
  return (
    <li className="grid grid-cols-[7.5rem_8rem_1fr_auto] items-center gap-3 border-hair border-b py-1.5 max-hand:grid-cols-[1fr_auto]">
      <Link
        to={`/bookings/${booking}/faces/${recipe.face}`}
        className="truncate font-semibold hover:underline"
      >
        {face?.name ?? "A face"}
      </Link>
      <Tenths parts={parts} />
      <span className="min-w-0 text-[0.87rem] leading-tight max-hand:col-span-2">
        {!recipe.isMet && <span className="text-stop">Nearest: </span>}
        {parts.map(({ item, tenths }, index) => (
          <span key={item?.id ?? index}>
            {index > 0 && " + "}
            {parts.length > 1 && <b>{tenths} </b>}
            {item ? shortName(item) : "a shade you had"}
          </span>
        ))}
      </span>
      <span
        className={`whitespace-nowrap text-[0.85rem] ${recipe.isMet ? "text-soft" : "text-stop"}`}
      >
        {recipeNearness(recipe)}
      </span>
    </li>
  );
}

function recipeNearness({ deltaE, depth, by }: Recipe): string {
  switch (by) {
    case "colour":
      return nearness(deltaE);
    case "depth":
      return `depth ${Math.round((depth ?? 0) * 10) / 10}, not measured`;
    case "look":
      return "as in her look";
    case "nothing":
      return "its depth was never told";
  }
}

type TenthsProps = { parts: { item: Drawn | undefined; tenths: number }[] };

/** Ten cells, each in the colour of what it is of. */
function Tenths({ parts }: TenthsProps) {
  return (
    <span
      aria-hidden="true"
      className="flex h-4 w-32 overflow-hidden rounded-[2px] border border-line"
    >
      {parts.flatMap(({ item, tenths }) =>
        Array.from({ length: tenths }, (_, cell) => (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: cells of one part are alike.
            key={`${item?.id} ${cell}`}
            className="flex-1 border-paper border-r last:border-r-0"
            style={{ backgroundColor: (item && paintOf(item.product)) ?? "var(--hair)" }}
          />
        )),
      )}
    </span>
  );
}
