import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { Button } from "../../ui/Button";
import { PictureInput } from "../../ui/PictureInput";
import { shortName } from "../../words/items";

/** Takes a picture of the thing, or chooses one; what is not seen in it is not kept. */
export function Picture({ item }: { item: Item }) {
  const { perform, send } = useActs();
  return (
    <section className="flex flex-wrap items-center gap-2">
      <PictureInput
        id="picture"
        label={item.picture ? "Another picture" : "Add a picture"}
        onPicture={(picture) =>
          send(
            {
              method: "PUT",
              path: `/api/items/${item.id}/picture/${crypto.randomUUID()}`,
              done: `Saved a picture of ${shortName(item)}.`,
            },
            picture,
          )
        }
      />
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
    </section>
  );
}
