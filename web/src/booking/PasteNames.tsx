import { useState } from "react";
import { Button } from "../ui/Button";
import { TextArea } from "../ui/Field";
import { Sheet } from "../ui/Sheet";

type PasteNamesProps = { open: boolean; onClose: () => void; onPaste: (text: string) => void };

/** Faces from a list of names, as it comes in a message. */
export function PasteNames({ open, onClose, onPaste }: PasteNamesProps) {
  const [text, setText] = useState("");
  return (
    <Sheet title="Paste names" open={open} onOpenChange={onClose}>
      <div className="flex flex-col gap-4">
        <TextArea
          label="One name a line"
          hint="with her depth, if you know it: Ines 4"
          rows={10}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button
          kind="solid"
          disabled={!text.trim()}
          onClick={() => {
            onPaste(text);
            setText("");
          }}
        >
          Add these faces
        </Button>
      </div>
    </Sheet>
  );
}
