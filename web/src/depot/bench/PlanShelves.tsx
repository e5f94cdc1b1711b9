import type { Empty, PlanRow } from "../../api/depot";
import { reasonChip, refillWords } from "../../words/depot";
import { shortName } from "../../words/items";
import { amount } from "../../words/quantities";
import { ContainerStanding, PackStanding, standing } from "../Vessel";

type ShelvesProps = {
  rows: PlanRow[];
  empties: Empty[];
  picked: string | null;
  onPick: (item: string | null) => void;
};

const UPPER_PX = 128;

/** Two boards of the bench: packs on the upper one, what they go into below, all to one scale. */
export function PlanShelves({ rows, empties, picked, onPick }: ShelvesProps) {
  const kinds = new Map(empties.map((kind) => [kind.id, kind.empty]));
  const heights = [
    ...rows.map((row) => standing(row.item).height),
    ...rows.flatMap((row) => row.pieces.map((piece) => kinds.get(piece.empty)?.outerHeightMm ?? 0)),
  ];
  const scale = Math.min(1, UPPER_PX / Math.max(60, ...heights));
  const lower = Math.max(
    40,
    ...rows.flatMap((row) =>
      row.pieces.map((piece) => (kinds.get(piece.empty)?.outerHeightMm ?? 0) * scale),
    ),
  );
  let turn = 0;
  return (
    <ol
      aria-label="The bench, in the order of work"
      className="grid grid-cols-[repeat(auto-fill,minmax(7.2rem,1fr))] gap-y-6"
    >
      {rows.map((row) => {
        if (row.pieces.length > 0) turn += 1;
        return (
          <li key={row.item.id} className="flex">
            <button
              type="button"
              aria-pressed={picked === row.item.id}
              aria-label={told(row)}
              onClick={() => onPick(picked === row.item.id ? null : row.item.id)}
              className="group flex w-full flex-col text-left aria-pressed:bg-lit hover:bg-lit"
            >
              <span
                style={{ height: UPPER_PX + 18 }}
                className={`relative flex items-end justify-center border-ink border-b-[3px] ${row.pieces.length === 0 ? "opacity-60" : ""}`}
              >
                {row.pieces.length > 0 && (
                  <b className="absolute top-0 left-1 rounded-[3px] bg-ink px-1.5 text-[0.8rem] text-paper">
                    {turn}
                  </b>
                )}
                <PackStanding item={row.item} scale={scale} />
              </span>
              <span
                style={{ minHeight: lower + 18 }}
                className="flex flex-wrap items-end justify-center gap-1 border-ink border-b-[3px] pt-3"
              >
                {row.pieces.flatMap((piece) => {
                  const empty = kinds.get(piece.empty);
                  return empty
                    ? Array.from({ length: piece.count }, (_, index) => (
                        <ContainerStanding
                          // biome-ignore lint/suspicious/noArrayIndexKey: they are alike.
                          key={`${piece.empty} ${index}`}
                          empty={empty}
                          scale={scale}
                          fill={piece.amountMl / piece.sizeMl}
                          colour={row.item.product.colour}
                          state={piece.verdict}
                        />
                      ))
                    : [];
                })}
                {row.pieces.length === 0 && (
                  <span className="self-center px-1 pb-2 text-center text-soft text-sm">
                    stays: {row.stays.map((code) => reasonChip(String(code))).join(", ")}
                  </span>
                )}
              </span>
              <span className="flex flex-col px-1.5 pt-1 pb-1.5">
                <span className="line-clamp-2 font-semibold text-[0.92rem] leading-tight group-aria-pressed:text-proposed">
                  {shortName(row.item)}
                </span>
                {row.pieces.map((piece) => (
                  <span key={piece.empty} className="text-[0.86rem] text-soft leading-tight">
                    {piece.count > 1 && `${piece.count} × `}
                    {amount(piece.amount, row.item.product.unit)},{" "}
                    {refillWords(piece.refillInMonths)}
                  </span>
                ))}
                {row.fault && <span className="text-sm text-stop">not possible</span>}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

function told(row: PlanRow): string {
  const goes = row.pieces
    .map(
      (piece) => `${piece.count} × ${piece.name}, ${amount(piece.amount, row.item.product.unit)}`,
    )
    .join(" and ");
  return `${shortName(row.item)}: ${goes || "stays in its pack"}`;
}
