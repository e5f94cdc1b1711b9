import { NavLink } from "react-router";

const PARTS = [
  { to: "/restock", word: "What runs short" },
  { to: "/restock/shops", word: "Shops" },
  { to: "/restock/range", word: "Range" },
  { to: "/restock/money", word: "Money" },
];

/** The four questions of restock, one beside the other. */
export function RestockParts() {
  return (
    <nav aria-label="Restock" className="-mb-2 flex flex-wrap gap-x-5 gap-y-1">
      {PARTS.map(({ to, word }) => (
        <NavLink
          key={to}
          to={to}
          end
          className="min-h-9 border-transparent border-b-2 py-1.5 text-soft hover:text-ink aria-[current=page]:border-ink aria-[current=page]:font-semibold aria-[current=page]:text-ink max-hand:min-h-11"
        >
          {word}
        </NavLink>
      ))}
    </nav>
  );
}
