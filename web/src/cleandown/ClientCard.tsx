import { useState } from "react";
import { useActs } from "../api/acts";
import { useHouse } from "../api/house";
import { Button, buttonLook } from "../ui/Button";
import { TextArea } from "../ui/Field";
import { Sheet } from "../ui/Sheet";

/** A page that tells a client what she will see done: by the house rules, or in one's own words. */
export function ClientCard() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="underline" onClick={() => setOpen(true)}>
        Card for clients
      </button>
      <Sheet title="Card for clients" open={isOpen} onOpenChange={setOpen}>
        {isOpen && <Words onDone={() => setOpen(false)} />}
      </Sheet>
    </>
  );
}

function Words({ onDone }: { onDone: () => void }) {
  const { perform } = useActs();
  const kept = useHouse().data?.cardWords;
  const [written, setWritten] = useState<string | null>(null);
  if (kept === undefined) return null;
  const words = written ?? kept;
  return (
    <div className="flex flex-col gap-4">
      <TextArea
        label="In your own words"
        hint="empty: by your house rules"
        maxLength={2000}
        rows={6}
        value={words}
        onChange={(event) => setWritten(event.target.value)}
      />
      <div className="flex flex-wrap gap-2">
        {words !== kept && (
          <Button
            kind="solid"
            onClick={() =>
              void perform({
                method: "PUT",
                path: "/api/house/card",
                body: { words },
                done: "Kept your words for the card.",
              }).catch(() => {})
            }
          >
            Keep these words
          </Button>
        )}
        <a
          className={buttonLook(words === kept ? "solid" : "outlined")}
          href="/api/client-card"
          target="_blank"
          rel="noreferrer"
        >
          Print it
        </a>
        <Button onClick={onDone}>Close</Button>
      </div>
    </div>
  );
}
