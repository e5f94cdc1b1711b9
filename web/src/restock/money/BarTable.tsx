import { money } from "../../words/quantities";
import { Bar } from "./Bar";

/**
 * @param besides a word between the bar and its figure, in a column of its own
 */
type BarRow = { key: string; name: string; amount: number; hatched?: boolean; besides?: string };

type BarTableProps = { rows: BarRow[]; currency: string; total?: number };

/** Amounts of money, each with its bar; all stand on one scale. */
export function BarTable({ rows, currency, total }: BarTableProps) {
  const top = Math.max(...rows.map((row) => row.amount), 0);
  return (
    <table className="w-full">
      <tbody>
        {rows.map((row) => (
          <tr key={row.key} className="border-hair border-b">
            <th scope="row" className="w-40 py-1.5 text-left font-normal">
              {row.name}
            </th>
            <td className="px-2">
              <Bar part={row.amount} of={top} hatched={row.hatched ?? false} />
            </td>
            {row.besides !== undefined && (
              <td className="w-24 text-right text-soft">{row.besides}</td>
            )}
            <td className="w-24 text-right tabular-nums">{money(row.amount, currency)}</td>
          </tr>
        ))}
      </tbody>
      {total !== undefined && (
        <tfoot>
          <tr className="font-semibold">
            <th scope="row" className="py-1.5 text-left font-semibold">
              In all
            </th>
            <td />
            <td className="text-right tabular-nums">{money(total, currency)}</td>
          </tr>
        </tfoot>
      )}
    </table>
  );
}
