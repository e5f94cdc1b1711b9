import { useRef, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import { useUnnamed } from "../../api/unnamed";
import { count } from "../../words/codes";

const MOST_MB = 5;

/** In passing: a picture now, its name later at the table. */
export function TakePicture({ place }: { place: string | null }) {
  const { send } = useActs();
  const waiting = useUnnamed().data?.length ?? 0;
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (taken: File[]) => {
    setFault(null);
    for (const one of taken) {
      if (one.size > MOST_MB * 1024 * 1024) {
        setFault(`${one.name} has more than ${MOST_MB} MB and was not added.`);
        continue;
      }
      const search = place ? `?place=${place}` : "";
      await send(
        {
          method: "PUT",
          path: `/api/kit/unnamed/${crypto.randomUUID()}${search}`,
          done: "Saved a picture to name later.",
        },
        one,
      ).catch(() => {});
    }
    if (file.current) file.current.value = "";
  };
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <input
        ref={file}
        id="picture-for-later"
        type="file"
        accept="image/jpeg,image/png"
        capture="environment"
        multiple
        className="peer sr-only"
        onChange={(event) => void take([...(event.target.files ?? [])])}
      />
      <label
        htmlFor="picture-for-later"
        className="inline-flex min-h-9 items-center rounded border border-ink bg-paper px-3 hover:bg-lit peer-focus-visible:outline-2 peer-focus-visible:outline-proposed max-hand:min-h-11"
      >
        Take a picture, name it later
      </label>
      {waiting > 0 && (
        <Link to="/kit/unnamed" className="underline">
          {count(waiting, "picture")} without a name
        </Link>
      )}
      {fault && <p className="text-stop">{fault}</p>}
    </div>
  );
}
