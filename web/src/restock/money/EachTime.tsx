import { Link } from "react-router";
import type { Money } from "../../api/money";
import { fullName } from "../../words/items";
import { money } from "../../words/quantities";

const SHOWN = 20;

/** What a face, a use, a millilitre costs of each product. */
export function EachTime({ found }: { found: Money }) {
  const { products, currency } = found;
  if (products.length === 0) return null;
  const exact = (value: number) =>
    new Intl.NumberFormat("en-GB", {
      style: "currency",
      currency,
      maximumFractionDigits: 4,
    }).format(value);
  return (
    <section aria-label="What each time costs">
      <h2 className="border-ink border-b pb-1 font-semibold">What each time costs</h2>
      <table className="w-full">
        <thead>
          <tr className="text-[0.85rem] text-soft">
            <th className="py-1 text-left font-normal">product</th>
            <th className="py-1 text-right font-normal">a face</th>
            <th className="py-1 text-right font-normal">a use</th>
            <th className="py-1 text-right font-normal">by amount</th>
          </tr>
        </thead>
        <tbody>
          {products.slice(0, SHOWN).map((one) => (
            <tr key={one.like.id} className="border-hair border-b">
              <th scope="row" className="py-1 text-left font-normal">
                <Link to={`/kit/items/${one.like.id}`} className="hover:underline">
                  {fullName(one.like)}
                </Link>
              </th>
              <td className="text-right tabular-nums">
                {one.perFace !== null && money(one.perFace, currency)}
              </td>
              <td className="text-right tabular-nums">
                {one.perUse !== null && money(one.perUse, currency)}
              </td>
              <td className="text-right text-soft tabular-nums">
                {exact(one.perUnit)} a {one.unit}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {products.length > SHOWN && (
        <p className="pt-1 text-soft">The {SHOWN} that cost most a face.</p>
      )}
    </section>
  );
}
