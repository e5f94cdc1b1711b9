import { Sheet } from "../ui/Sheet";

const SHORTCUTS: { where: string; keys: { keys: string[]; does: string }[] }[] = [
  {
    where: "Everywhere",
    keys: [
      { keys: ["/"], does: "find an item or a place" },
      { keys: ["?"], does: "this page" },
      { keys: ["Esc"], does: "close what lies open" },
    ],
  },
  {
    where: "In what was found",
    keys: [
      { keys: ["↓", "↑"], does: "from one to the next" },
      { keys: ["Enter"], does: "open it" },
    ],
  },
  {
    where: "In an open case",
    keys: [
      { keys: ["←", "→", "↑", "↓"], does: "to the nearest piece" },
      { keys: ["Enter"], does: "choose it" },
      { keys: ["Esc"], does: "back to the whole case" },
    ],
  },
  {
    where: "Adding items line by line",
    keys: [
      { keys: ["Enter"], does: "add it, and start the next line" },
      { keys: ["Ctrl", "Z"], does: "take the last one back" },
    ],
  },
];

/** Every key that does something. */
export function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="Keyboard shortcuts" open onOpenChange={(open) => open || onClose()}>
      <div className="flex flex-col gap-4">
        {SHORTCUTS.map(({ where, keys }) => (
          <section key={where} aria-label={where}>
            <h2 className="border-hair border-b pb-1 font-semibold text-sm">{where}</h2>
            <dl>
              {keys.map((one) => (
                <div key={one.does} className="flex items-center gap-4 py-1">
                  <dt className="flex w-36 shrink-0 gap-1">
                    {one.keys.map((key) => (
                      <kbd
                        key={key}
                        className="min-w-7 rounded border border-line bg-sheet px-1.5 text-center"
                      >
                        {key}
                      </kbd>
                    ))}
                  </dt>
                  <dd>{one.does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Sheet>
  );
}
