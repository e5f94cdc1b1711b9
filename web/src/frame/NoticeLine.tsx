import { useEffect } from "react";
import { Button } from "../ui/Button";
import { useActs } from "./acts";

const SHOWN_MS = 12_000;

/** The last thing that was done, with its undo. Refusals stay until they are read. */
export function NoticeLine() {
  const { notice, dismiss } = useActs();
  useEffect(() => {
    if (notice?.tone !== "done") {
      return;
    }
    const timer = setTimeout(dismiss, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, dismiss]);

  return (
    <div
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-0 z-40 p-3 max-hand:bottom-auto max-hand:top-0"
    >
      {notice && (
        <div
          data-tone={notice.tone}
          className="pointer-events-auto mx-auto flex w-fit max-w-full items-center gap-3 rounded-md border-2 border-ink bg-paper py-2 pr-2 pl-4 data-[tone=refused]:border-stop"
        >
          <span>{notice.text}</span>
          {notice.undo && <Button onClick={notice.undo}>Undo</Button>}
          {notice.again && <Button onClick={notice.again}>Send again</Button>}
          <Button kind="bare" onClick={dismiss} aria-label="Close this message">
            ✕
          </Button>
        </div>
      )}
    </div>
  );
}
