import { useRef, useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { Button } from "../../ui/Button";
import { shortName } from "../../words/items";

const MOST_MB = 5;

/** Takes a picture of the thing, or chooses one; what is not seen in it is not kept. */
export function Picture({ item }: { item: Item }) {
  const { perform, send } = useActs();
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setFault(null);
    if (chosen.size > MOST_MB * 1024 * 1024) {
      setFault(
        `The picture has more than ${MOST_MB} MB. Choose a smaller one; nothing was changed.`,
      );
      return;
    }
    await send(
      {
        method: "PUT",
        path: `/api/items/${item.id}/picture/${crypto.randomUUID()}`,
        done: `Saved a picture of ${shortName(item)}.`,
      },
      chosen,
    ).catch(() => {});
    if (file.current) file.current.value = "";
  };
  return (
    <section className="flex flex-wrap items-center gap-2">
      <input
        ref={file}
        id="picture"
        type="file"
        accept="image/jpeg,image/png"
        className="sr-only"
        onChange={(event) => void take(event.target.files?.[0])}
      />
      <label
        htmlFor="picture"
        className="inline-flex min-h-9 items-center rounded border border-ink bg-paper px-3 hover:bg-lit max-hand:min-h-11"
      >
        {item.picture ? "Another picture" : "Add a picture"}
      </label>
      {item.picture && (
        <Button
          kind="bare"
          onClick={() =>
            void perform({
              path: `/api/items/${item.id}/picture/remove`,
              done: "Removed the picture.",
            }).catch(() => {})
          }
        >
          Remove
        </Button>
      )}
      {fault && <p className="text-stop">{fault}</p>}
    </section>
  );
}
