import { useActs } from "../api/acts";
import type { Parcel } from "../api/restock";
import { buttonLook } from "../ui/Button";
import { PictureInput } from "../ui/PictureInput";

/** A photograph of the delivery note: taken, looked at, taken away. */
export function PaperOf({ parcel }: { parcel: Parcel }) {
  const { send, perform } = useActs();
  if (parcel.picture) {
    return (
      <>
        <a
          href={`/api/pictures/${parcel.picture}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook("bare")}
        >
          Delivery note
        </a>
        <button
          type="button"
          className={buttonLook("bare")}
          onClick={() =>
            void perform({
              path: `/api/buying/parcels/${parcel.id}/picture/remove`,
              done: "The photograph of the delivery note is gone.",
            }).catch(() => {})
          }
        >
          Remove it
        </button>
      </>
    );
  }
  return (
    <PictureInput
      id={`paper-${parcel.id}`}
      label="Photograph the delivery note"
      onPicture={(picture) =>
        send(
          {
            method: "PUT",
            path: `/api/buying/parcels/${parcel.id}/picture/${crypto.randomUUID()}`,
            done: "The delivery note is kept.",
          },
          picture,
        )
      }
    />
  );
}
