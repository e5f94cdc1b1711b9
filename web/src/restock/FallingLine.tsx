import type { Stock } from "../api/restock";
import { OrderBy } from "../parts/OrderBy";
import { along, type Shown } from "./lane";

type FallingProps = { stock: Stock; bookings: Shown[]; today: string; until: string };

/**
 * What is left, falling along the days: the line is what is to be expected, between the dashed lines it
 * lies four times out of five; on the floor nothing is left.
 */
export function FallingLine({ stock, bookings, today, until }: FallingProps) {
  const top = Math.max(stock.left, ...stock.line.map((point) => point.most), 0.001);
  const x = (day: string) => along(day, today, until);
  const y = (amount: number) => 100 - (amount / top) * 92;
  const points = [
    { on: today, left: stock.left, least: stock.left, most: stock.left },
    ...stock.line,
  ];
  const path = (edge: "left" | "least" | "most", list = points) =>
    list.map((point) => `${x(point.on)},${y(point[edge])}`).join(" L");
  const band = `M${path("most")} L${path("least", [...points].reverse())} Z`;
  const hit = [stock.runsOutOn, stock.mayRunOutOn].find((day) => day && day <= until);
  return (
    <div className="relative h-11 max-hand:hidden" aria-hidden="true">
      {bookings
        .filter((booking) => booking.firstDay <= until)
        .map((booking) => (
          <span
            key={booking.id}
            style={{
              left: `${x(booking.firstDay)}%`,
              width: `max(2px, ${x(booking.lastDay) - x(booking.firstDay)}%)`,
            }}
            className={`absolute inset-y-0 ${booking.id === stock.advice.booking ? "bg-stop/20" : "bg-lit"}`}
          />
        ))}
      <svg
        aria-hidden="true"
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="absolute inset-0 size-full overflow-visible"
      >
        <path d={band} fill="var(--soft)" opacity="0.16" />
        {(["least", "most"] as const).map((edge) => (
          <path
            key={edge}
            d={`M${path(edge)}`}
            fill="none"
            stroke="var(--soft)"
            strokeDasharray="3 3"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <path
          d={`M${path("left")}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.75"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d="M0 100H100"
          stroke="var(--line)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {hit && (
        <span
          style={{ left: `${x(hit)}%` }}
          className="absolute bottom-0 h-3.5 w-1 -translate-x-1/2 bg-stop"
        />
      )}
      <span style={{ left: `${x(stock.advice.orderBy)}%` }} className="absolute bottom-0 -ml-1.5">
        <OrderBy isLate={stock.advice.isLate} />
      </span>
    </div>
  );
}
