import { useState } from "react";
import { Button, buttonLook } from "../ui/Button";
import { TextArea } from "../ui/Field";
import { Sheet } from "../ui/Sheet";

/** Where this device keeps the words one wrote. */
const KEPT = "gerula-client-card";

/** A page that tells a client what she will see done: by the house rules, or in one's own words. */
export function ClientCard() {
  const [isOpen, setOpen] = useState(false);
  const [words, setWords] = useState(() => localStorage.getItem(KEPT) ?? "");
  return (
    <>
      <button type="button" className="underline" onClick={() => setOpen(true)}>
        Card for clients
      </button>
      <Sheet title="Card for clients" open={isOpen} onOpenChange={setOpen}>
        <div className="flex flex-col gap-4">
          <TextArea
            label="In your own words"
            hint="kept on this device; empty: by your house rules"
            maxLength={2000}
            rows={6}
            value={words}
            onChange={(event) => {
              setWords(event.target.value);
              localStorage.setItem(KEPT, event.target.value);
            }}
          />
          <div className="flex flex-wrap gap-2">
            <a
              className={buttonLook("solid")}
              href={`/api/client-card?${new URLSearchParams({ words })}`}
              target="_blank"
              rel="noreferrer"
            >
              Print it
            </a>
            <Button onClick={() => setOpen(false)}>Close</Button>
          </div>
        </div>
      </Sheet>
    </>
  );
}
