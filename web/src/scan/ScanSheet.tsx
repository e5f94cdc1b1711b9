import { useEffect, useRef, useState } from "react";
import { usePlaces } from "../api/kit";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { placePath } from "../words/items";
import { useScanning } from "./scans";

/** Scanning with the camera, or typing what stands under the code. */
export function ScanSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { read, last, hint, into, leave } = useScanning();
  const places = usePlaces();
  const [typed, setTyped] = useState("");
  return (
    <Sheet title="Scan" open={open} onOpenChange={onClose}>
      <div className="flex flex-col gap-4">
        <p className="text-soft">{hint}</p>
        {open && <Camera onRead={read} />}
        <p aria-live="polite" className="min-h-6 font-semibold">
          {last && `Read: ${last}`}
        </p>
        {into && (
          <p className="flex items-center justify-between gap-3">
            Items go into {placePath(into, places)}. <Button onClick={leave}>Stop</Button>
          </p>
        )}
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void read(typed);
            setTyped("");
          }}
        >
          <div className="flex-1">
            <TextField
              label="Or type the code"
              data-takes-codes=""
              value={typed}
              autoComplete="off"
              onChange={(event) => setTyped(event.target.value)}
            />
          </div>
          <Button type="submit" disabled={!typed.trim()}>
            Read it
          </Button>
        </form>
      </div>
    </Sheet>
  );
}

/** Between two looks of the camera, ms. */
const LOOK_MS = 150;
/** The same code again counts again only after this long, ms. */
const AGAIN_MS = 2500;

function Camera({ onRead }: { onRead: (code: string) => Promise<void> }) {
  const film = useRef<HTMLVideoElement>(null);
  const reading = useRef(onRead);
  reading.current = onRead;
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let stopped = false;
    let stream: MediaStream | null = null;
    const seen = new Map<string, number>();
    const look = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: "environment" },
        });
        const { makeReader } = await import("./reader");
        const decode = await makeReader();
        const video = film.current;
        if (stopped || !video) return;
        video.srcObject = stream;
        await video.play();
        while (!stopped) {
          for (const code of await decode(video)) {
            const now = performance.now();
            if (now - (seen.get(code) ?? Number.NEGATIVE_INFINITY) > AGAIN_MS) {
              void reading.current(code);
            }
            seen.set(code, now);
          }
          await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
        }
      } catch (refused) {
        if (!stopped) setTrouble(whyNot(refused));
      }
    };
    void look();
    return () => {
      stopped = true;
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, []);
  return trouble ? (
    <p role="alert">{trouble}</p>
  ) : (
    <video
      ref={film}
      muted
      playsInline
      aria-label="What the camera sees"
      className="aspect-[4/3] w-full rounded bg-lit object-cover"
    />
  );
}

function whyNot(refused: unknown): string {
  const name = refused instanceof Error ? refused.name : "";
  if (name === "NotAllowedError") {
    return "Gerula has no access to the camera. Allow it in the browser, or type the code below.";
  }
  if (name === "NotFoundError") return "There is no camera here. Type the code below.";
  return "The camera does not start. Type the code below.";
}
