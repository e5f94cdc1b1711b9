import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { memo, useRef } from "react";
import { Link } from "react-router";
import type { Item } from "../../api/client";
import { PAGE, type PlaceMap, useItemParts, usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { MarksOf } from "../../parts/Marks";
import { Swatch } from "../../parts/Swatch";
import { fullName, kindOf, placeTail } from "../../words/items";
import { leftOf } from "../../words/quantities";

const ROW_PX = 62;

/** Only the rows in sight are fetched and drawn, so that thousands scroll as smoothly as ten. */
export function ItemRows({ filter }: { filter: string }) {
  const list = useRef<HTMLUListElement>(null);
  const places = usePlaces();
  const today = useToday();
  const total = useItemParts(filter, []).total ?? 0;
  const rows = useWindowVirtualizer({
    count: total,
    estimateSize: () => ROW_PX,
    overscan: 4,
    // Rows may come a frame later; drawing them at once would hold the finger up.
    useFlushSync: false,
    scrollMargin: list.current?.offsetTop ?? 0,
  });
  const inSight = rows.getVirtualItems();
  const pages = [...new Set(inSight.map((row) => Math.floor(row.index / PAGE)))];
  const { byPosition } = useItemParts(filter, pages);
  return (
    <ul ref={list} style={{ height: rows.getTotalSize() }} className="relative">
      {inSight.map((row) => (
        <li
          key={row.index}
          style={{
            height: row.size,
            transform: `translateY(${row.start - rows.options.scrollMargin}px)`,
          }}
          className="absolute inset-x-0 top-0 grid grid-cols-[auto_1fr_auto_12rem_7rem] items-center gap-3 border-hair border-b px-1 hover:bg-lit max-hand:grid-cols-[auto_1fr_auto]"
        >
          <Row item={byPosition.get(row.index)} places={places} today={today} />
        </li>
      ))}
    </ul>
  );
}

/** Drawn anew only when it is another thing: scrolling moves rows, it does not change them. */
const Row = memo(function Row({ item, places, today }: RowProps) {
  if (!item) return <span className="text-soft">…</span>;
  return (
    <>
      <Swatch item={item} />
      <div className="min-w-0">
        <Link to={`/kit/items/${item.id}`} className="block truncate hover:underline">
          {fullName(item)}
          {item.favourite && <span className="text-soft"> · favourite</span>}
        </Link>
        <p className="truncate text-[0.85rem] text-soft">
          {kindOf(item)}
          <span className="hand:hidden"> · {placeTail(item.now, places)}</span>
        </p>
      </div>
      <MarksOf item={item} places={places} today={today} />
      <span className="truncate text-[0.9rem] text-soft max-hand:hidden">
        {placeTail(item.now, places)}
      </span>
      <span className="whitespace-nowrap text-right text-[0.9rem] text-soft max-hand:hidden">
        {leftOf(item)}
      </span>
    </>
  );
});

type RowProps = { item: Item | undefined; places: PlaceMap; today: string };
