import { useRef, useState } from "react";

const MOST_MB = 5;

type PictureInputProps = {
  id: string;
  label: string;
  /** Whether the camera opens at once, for as many as one takes. */
  isCamera?: boolean;
  onPicture: (picture: File) => Promise<unknown>;
};

/** Takes pictures, or chooses them; one that is too large is told and not sent. */
export function PictureInput({ id, label, isCamera = false, onPicture }: PictureInputProps) {
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (chosen: File[]) => {
    setFault(null);
    for (const one of chosen) {
      if (one.size > MOST_MB * 1024 * 1024) {
        setFault(
          `${one.name} has more than ${MOST_MB} MB. Choose a smaller one; it was not added.`,
        );
      } else {
        await onPicture(one).catch(() => {});
      }
    }
    if (file.current) file.current.value = "";
  };
  return (
    <>
      <input
        ref={file}
        id={id}
        type="file"
        accept="image/jpeg,image/png"
        capture={isCamera ? "environment" : undefined}
        multiple={isCamera}
        className="peer sr-only"
        onChange={(event) => void take([...(event.target.files ?? [])])}
      />
      <label
        htmlFor={id}
        className="inline-flex min-h-9 w-fit items-center rounded border border-ink bg-paper px-3 hover:bg-lit peer-focus-visible:outline-2 peer-focus-visible:outline-proposed max-hand:min-h-11"
      >
        {label}
      </label>
      {fault && <p className="text-stop">{fault}</p>}
    </>
  );
}
