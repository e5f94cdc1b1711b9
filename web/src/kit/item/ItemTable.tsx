import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { memo, useEffect, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import type { Item } from "../../api/client";
import { PAGE, useItemParts, usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { Ticks } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { COLUMNS, type Column, type Known, keepColumns, keptColumns } from "./columns";
import { ManyItems } from "./ManyItems";
import { useChosenItems } from "./useChosen";

const ROW_PX = 25;

/** The kit in rows, as many as the screen holds: sorted by any column, several chosen by key or by hand. */
export function ItemTable({ filter }: { filter: string }) {
  const body = useRef<HTMLDivElement>(null);
  const known = { places: usePlaces(), today: useToday() };
  const [names, setNames] = useState(keptColumns);
  const columns = COLUMNS.filter((column) => names.includes(column.name));
  const total = useItemParts(filter, []).total ?? 0;
  const rows = useWindowVirtualizer({
    count: total,
    estimateSize: () => ROW_PX,
    overscan: 8,
    useFlushSync: false,
    scrollMargin: body.current?.offsetTop ?? 0,
  });
  const inSight = rows.getVirtualItems();
  const { byPosition } = useItemParts(filter, [
    ...new Set(inSight.map((row) => Math.floor(row.index / PAGE))),
  ]);
  const many = useChosenItems((index) => byPosition.get(index));
  const walk = (event: React.KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1, PageDown: 20, PageUp: -20 }[event.key];
    if (event.key === "Escape") many.clear();
    if (event.key === " " && event.target === event.currentTarget.querySelector(":focus")) {
      many.flip(many.row);
      event.preventDefault();
    }
    if (!step) return;
    event.preventDefault();
    const to = Math.max(0, Math.min(total - 1, many.row + step));
    event.shiftKey ? many.stretch(to) : many.setRow(to);
    rows.scrollToIndex(to);
  };
  useFocusFollows(body, many.row);
  const tracks = `2rem ${columns.map((column) => column.width).join(" ")}`;
  return (
    <>
      <ManyItems chosen={[...many.chosen.values()]} onClear={many.clear} />
      {/* biome-ignore lint/a11y/useSemanticElements: rows that come and go as one scrolls are no table element. */}
      <div
        role="grid"
        aria-label="Items"
        aria-rowcount={total + 1}
        aria-multiselectable="true"
        className="text-[0.9rem]"
      >
        <Heads columns={columns} tracks={tracks} names={names} onNames={setNames} />
        {/* biome-ignore lint/a11y/useSemanticElements: as above. */}
        <div
          ref={body}
          role="rowgroup"
          tabIndex={-1}
          onKeyDown={walk}
          style={{ height: rows.getTotalSize() }}
          className="relative"
        >
          {inSight.map((row) => (
            <Row
              key={row.index}
              index={row.index}
              top={row.start - rows.options.scrollMargin}
              item={byPosition.get(row.index)}
              columns={columns}
              tracks={tracks}
              known={known}
              isChosen={many.chosen.has(byPosition.get(row.index)?.id ?? "")}
              isAt={row.index === many.row}
              onChoose={(event) => (event.shiftKey ? many.stretch : many.flip)(row.index)}
            />
          ))}
        </div>
      </div>
    </>
  );
}

/** Keys move the row one stands on; the focus goes along once it is drawn, but never comes by itself. */
function useFocusFollows(body: React.RefObject<HTMLDivElement | null>, row: number) {
  useEffect(() => {
    const from = document.activeElement;
    if (!from?.matches("[data-row]") || !body.current?.contains(from)) return;
    const frame = requestAnimationFrame(() =>
      body.current?.querySelector<HTMLElement>(`[data-row="${row}"]`)?.focus(),
    );
    return () => cancelAnimationFrame(frame);
  }, [body, row]);
}

type HeadsProps = {
  columns: Column[];
  tracks: string;
  names: string[];
  onNames: (names: string[]) => void;
};

function Heads({ columns, tracks, names, onNames }: HeadsProps) {
  const [search, setSearch] = useSearchParams();
  const sort = search.get("sort") ?? (search.get("q") ? "" : "name");
  const isDescending = search.get("descending") === "true";
  const sortBy = (column: string) => {
    const next = new URLSearchParams(search);
    next.set("sort", column);
    sort === column && !isDescending ? next.set("descending", "true") : next.delete("descending");
    setSearch(next, { replace: true });
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: as the grid around it.
    <div role="rowgroup" className="sticky top-0 z-[5] bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: as the grid around it. */}
      {/* biome-ignore lint/a11y/useFocusableInteractive: its buttons take the focus. */}
      <div
        role="row"
        style={{ gridTemplateColumns: tracks }}
        className="grid items-end gap-x-3 border-ink border-b font-semibold"
      >
        <ChooseColumns names={names} onNames={onNames} />
        {columns.map((column) => (
          // biome-ignore lint/a11y/useSemanticElements: as the grid around it.
          // biome-ignore lint/a11y/useFocusableInteractive: its button takes the focus.
          <span
            key={column.name}
            role="columnheader"
            aria-sort={
              column.sort && column.sort === sort
                ? isDescending
                  ? "descending"
                  : "ascending"
                : undefined
            }
            className={column.isRight ? "text-right" : ""}
          >
            {column.sort ? (
              <button
                type="button"
                onClick={() => sortBy(column.sort ?? "")}
                className="min-h-7 hover:underline"
              >
                {column.word}
                {column.sort === sort && (
                  <span aria-hidden="true"> {isDescending ? "↓" : "↑"}</span>
                )}
              </button>
            ) : (
              <span className="inline-block py-1">{column.word}</span>
            )}
          </span>
        ))}
      </div>
    </div>
  );
}

type ChooseColumnsProps = { names: string[]; onNames: (names: string[]) => void };

function ChooseColumns({ names, onNames }: ChooseColumnsProps) {
  const [isOpen, setOpen] = useState(false);
  const choose = (chosen: string[]) => {
    keepColumns(chosen);
    onNames(["item", ...chosen]);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: as the grid around it.
    // biome-ignore lint/a11y/useFocusableInteractive: its button takes the focus.
    <span role="columnheader" aria-label="Columns">
      <button
        type="button"
        aria-label="Choose the columns"
        title="Choose the columns"
        onClick={() => setOpen(true)}
        className="size-7 rounded hover:bg-lit"
      >
        ⋯
      </button>
      <Sheet title="Columns" open={isOpen} onOpenChange={setOpen}>
        <Ticks
          legend="Beside the item"
          choices={COLUMNS.slice(1).map(({ name, word }) => ({ value: name, word }))}
          chosen={names.filter((name) => name !== "item")}
          onChange={choose}
        />
        <Button className="mt-4" onClick={() => setOpen(false)}>
          Close
        </Button>
      </Sheet>
    </span>
  );
}

type RowProps = {
  index: number;
  top: number;
  item: Item | undefined;
  columns: Column[];
  tracks: string;
  known: Known;
  isChosen: boolean;
  isAt: boolean;
  onChoose: (event: React.MouseEvent) => void;
};

function Row({ index, top, item, isChosen, isAt, onChoose, ...rest }: RowProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: as the grid around it.
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys are those of the whole grid.
    <div
      role="row"
      data-row={index}
      aria-rowindex={index + 2}
      aria-selected={isChosen}
      tabIndex={isAt ? 0 : -1}
      onClick={(event) => {
        if (!(event.target as HTMLElement).closest("a, button")) onChoose(event);
      }}
      style={{
        gridTemplateColumns: rest.tracks,
        height: ROW_PX,
        transform: `translateY(${top}px)`,
      }}
      className="absolute inset-x-0 top-0 grid cursor-default select-none items-center gap-x-3 border-hair border-b hover:bg-lit aria-selected:bg-lit"
    >
      {/* biome-ignore lint/a11y/useSemanticElements: as the grid around it. */}
      {/* biome-ignore lint/a11y/useFocusableInteractive: the row takes the focus. */}
      <span role="gridcell" className="flex justify-center">
        <span
          aria-hidden="true"
          className={`size-3.5 rounded-[2px] border ${isChosen ? "border-ink bg-ink" : "border-line bg-paper"}`}
        />
      </span>
      <Cells item={item} columns={rest.columns} known={rest.known} />
    </div>
  );
}

/** Drawn anew only when it is another item: scrolling moves rows, it does not change them. */
const Cells = memo(
  function Cells({ item, columns, known }: Pick<RowProps, "item" | "columns" | "known">) {
    return columns.map((column) => (
      // biome-ignore lint/a11y/useSemanticElements: as the grid around it.
      // biome-ignore lint/a11y/useFocusableInteractive: the row takes the focus.
      <span
        key={column.name}
        role="gridcell"
        className={`min-w-0 truncate ${column.isRight ? "text-right" : ""} ${column.name === "item" ? "" : "text-soft"}`}
      >
        {item ? column.cell(item, known) : "…"}
      </span>
    ));
  },
  (before, after) =>
    before.item === after.item &&
    before.columns.length === after.columns.length &&
    before.columns.every((column, index) => column === after.columns[index]) &&
    before.known.places === after.known.places &&
    before.known.today === after.known.today,
);
