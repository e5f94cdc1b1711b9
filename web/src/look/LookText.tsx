import type { ReactNode } from "react";
import type { Look, LookPart } from "../api/look";
import { partNotes } from "../words/looks";

/** A look part by part, each in its colour. */
export function LookText({ look }: { look: Look }) {
  return (
    <>
      <ol>
        {look.parts.map((part) => (
          <PartRow key={`${part.told} ${part.where} ${part.tenths}`} part={part} />
        ))}
      </ol>
      {look.note && <p className="py-1 text-soft">{look.note}</p>}
    </>
  );
}

export function PartRow({ part, children }: { part: LookPart; children?: ReactNode }) {
  const notes = partNotes(part);
  return (
    <li className="flex items-center gap-3 border-hair border-b py-1.5">
      <span
        aria-hidden="true"
        style={{ background: part.colour?.startsWith("#") ? part.colour : "var(--lit)" }}
        className={`size-6 shrink-0 rounded border border-ink/25 ${part.product ? "" : "border-dashed"}`}
      />
      <span className="min-w-0 flex-1">
        {part.told}
        {!part.product && <span className="text-stop text-sm"> not in your kit</span>}
        {notes && <span className="block text-soft text-sm">{notes}</span>}
      </span>
      {children}
    </li>
  );
}
