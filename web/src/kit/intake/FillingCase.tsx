import type { Usual } from "../../api/usual";
import { DEPTHS } from "../../parts/depths";
import { count, word } from "../../words/codes";
import { pieces, type Ticks, things } from "./ticked";

/** Small enough for a whole kit, large enough for a brow pencil to be seen. */
const PX_PER_MM = 0.42;
const LEAST_PX = 7;

function depthColour(depth: number): string {
  return DEPTHS.find((one) => one.depth === Math.round(depth))?.colour ?? "var(--lit)";
}

/** The case as it fills: a tray for each part of the work, each thing as large as it usually is. */
export function FillingCase({ kinds, ticks }: { kinds: Usual[]; ticks: Ticks }) {
  const trays = [...new Set(kinds.map((kind) => kind.tray))];
  return (
    <ul aria-label="The case" className="rounded-lg border-2 border-ink bg-paper p-1.5">
      {trays.map((tray) => {
        const inIt = kinds.filter((kind) => kind.tray === tray && ticks[kind.code]);
        const many = inIt.reduce((sum, kind) => sum + things(ticks[kind.code] as never), 0);
        return (
          <li
            key={tray}
            data-tray={tray}
            className="m-1 min-h-14 rounded border border-line bg-sheet p-1.5"
          >
            <p className="flex justify-between pb-1 text-sm">
              <span className="font-semibold">{trayName(tray)}</span>
              <span className="text-soft">{many > 0 ? count(many, "item") : "empty"}</span>
            </p>
            <div aria-hidden="true" className="flex flex-wrap items-end gap-[3px]">
              {inIt.flatMap((kind) =>
                pieces(kind, ticks[kind.code] as never, depthColour).map((piece) => (
                  <span
                    key={piece.key}
                    title={kind.name}
                    style={{
                      width: Math.max(LEAST_PX, piece.widthMm * PX_PER_MM),
                      height: Math.max(LEAST_PX, piece.depthMm * PX_PER_MM),
                      backgroundColor: piece.colour ?? "var(--lit)",
                    }}
                    className="rounded-[2px] border border-ink/40"
                  />
                )),
              )}
            </div>
          </li>
        );
      })}
    </ul>
  );
}

function trayName(tray: Usual["tray"]): string {
  const name = tray === "set-up" ? tray : word(tray);
  return name.charAt(0).toUpperCase() + name.slice(1);
}
