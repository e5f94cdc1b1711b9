import { Link } from "react-router";
import { useActs } from "../../api/acts";
import { useUnnamed } from "../../api/unnamed";
import { PictureInput } from "../../ui/PictureInput";
import { count } from "../../words/codes";

/** In passing: a picture now, its name later at the table. */
export function TakePicture({ place }: { place: string | null }) {
  const { send } = useActs();
  const waiting = useUnnamed().data?.length ?? 0;
  const search = place ? `?place=${place}` : "";
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <PictureInput
        id="picture-for-later"
        label="Take a picture, name it later"
        isCamera
        onPicture={(picture) =>
          send(
            {
              method: "PUT",
              path: `/api/kit/unnamed/${crypto.randomUUID()}${search}`,
              done: "Saved a picture to name later.",
            },
            picture,
          )
        }
      />
      {waiting > 0 && (
        <Link to="/kit/unnamed" className="underline">
          {count(waiting, "picture")} without a name
        </Link>
      )}
    </div>
  );
}
