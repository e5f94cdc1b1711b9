import { useEffect } from "react";
import { useActs } from "../api/acts";
import type { Notice } from "../api/notices";
import { Button } from "../ui/Button";

const SHOWN_MS = 12_000;

/** What was done last, with its undo, and refusals until they are read. */
export function NoticeLine() {
  const { notices, dismiss } = useActs();
  return (
    <div
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-0 z-40 flex flex-col gap-2 p-3 max-hand:top-0 max-hand:bottom-auto"
    >
      {notices.map((notice) => (
        <Line key={notice.id} notice={notice} dismiss={dismiss} />
      ))}
    </div>
  );
}

function Line({ notice, dismiss }: { notice: Notice; dismiss: (id: string) => void }) {
  const { id, tone } = notice;
  useEffect(() => {
    if (tone !== "done") {
      return;
    }
    const timer = setTimeout(() => dismiss(id), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [id, tone, dismiss]);
  return (
    <div
      data-tone={tone}
      className="pointer-events-auto mx-auto flex w-fit max-w-full items-center gap-3 rounded-md border-2 border-ink bg-paper py-2 pr-2 pl-4 data-[tone=refused]:border-stop"
    >
      <span>{notice.text}</span>
      {notice.undo && <Button onClick={notice.undo}>Undo</Button>}
      {notice.again && <Button onClick={notice.again}>Send again</Button>}
      <Button kind="bare" onClick={() => dismiss(id)} aria-label="Close this message">
        ✕
      </Button>
    </div>
  );
}
