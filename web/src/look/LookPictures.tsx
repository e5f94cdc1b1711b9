import { useState } from "react";
import { useActs } from "../api/acts";
import type { Face } from "../api/client";
import type { Look } from "../api/look";
import { Button } from "../ui/Button";
import { PictureInput } from "../ui/PictureInput";
import { Sheet } from "../ui/Sheet";

type LookPicturesProps = { booking: string; face: Face; look: Look };

/** The photographs of a look, small; one that is tapped is shown large and can be removed. */
export function LookPictures({ booking, face, look }: LookPicturesProps) {
  const [shown, setShown] = useState<number | null>(null);
  const { perform } = useActs();
  const pictures = look.pictures ?? [];
  if (pictures.length === 0) return null;
  const open = shown === null ? undefined : pictures[shown];
  return (
    <>
      <div className="flex flex-wrap gap-2 py-2">
        {pictures.map((picture, index) => (
          <button
            key={picture}
            type="button"
            aria-label={`Photograph ${index + 1} of ${pictures.length} of ${face.name}`}
            onClick={() => setShown(index)}
            className="size-24 overflow-hidden rounded border border-line max-hand:size-20"
          >
            <img src={`/api/pictures/${picture}`} alt="" className="size-full object-cover" />
          </button>
        ))}
      </div>
      {open && (
        <Sheet title={face.name} open onOpenChange={() => setShown(null)}>
          <img
            src={`/api/pictures/${open}`}
            alt={`${face.name} as she was made up`}
            className="max-h-[65vh] w-full object-contain"
          />
          <Button
            kind="bare"
            onClick={() =>
              void perform({
                path: `/api/bookings/${booking}/faces/${face.id}/look/pictures/${open}/remove`,
                done: "Removed the photograph.",
              })
                .then(() => setShown(null))
                .catch(() => {})
            }
          >
            Remove this photograph
          </Button>
        </Sheet>
      )}
    </>
  );
}

/** Takes photographs of what was done that day; nothing in them tells where or with what. */
export function PhotographLook({
  booking,
  face,
  day,
}: {
  booking: string;
  face: Face;
  day: string;
}) {
  const { send } = useActs();
  return (
    <PictureInput
      id="photograph-of-the-look"
      label="Take a photograph"
      isCamera
      onPicture={(picture) =>
        send(
          {
            method: "PUT",
            path: `/api/bookings/${booking}/faces/${face.id}/look/pictures/${crypto.randomUUID()}?day=${day}`,
            done: `Saved a photograph of ${face.name}.`,
          },
          picture,
        )
      }
    />
  );
}
