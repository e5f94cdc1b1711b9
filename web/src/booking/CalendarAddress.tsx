import { useState } from "react";
import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { useCalendarFeed } from "../api/dates";
import { useZone } from "../api/session";
import { Button, buttonLook } from "../ui/Button";
import { TextField } from "../ui/Field";
import { moment } from "../words/dates";

/** Bookings and last days for the calendar one looks at anyway: as a file, or by a private address. */
export function CalendarAddress() {
  const zone = useZone();
  const { perform } = useActs();
  const feed = useCalendarFeed().data;
  const [address, setAddress] = useState<string | null>(null);
  const make = async () => {
    const made = await perform<Schemas["NewFeed"]>({
      path: "/api/calendar/feed",
      done: "Made a new private address. An older one no longer works.",
      undoable: false,
    });
    setAddress(location.origin + made.path);
  };
  const revoke = async () => {
    await perform({
      method: "DELETE",
      path: "/api/calendar/feed",
      done: "The private address no longer works.",
      undoable: false,
    });
    setAddress(null);
  };
  return (
    <section className="flex flex-col gap-3">
      <h2 className="border-ink border-b pb-1 font-semibold">In your calendar</h2>
      <p className="max-w-[62ch] text-soft">
        Bookings and use-by dates as a calendar file, or at a private address that your calendar
        program checks regularly. Anyone with the address can read them, and nothing else.
      </p>
      {address && (
        <div className="flex items-end gap-2">
          <div className="min-w-0 max-w-[40rem] flex-1">
            <TextField
              label="Private address"
              hint="shown this once"
              readOnly
              value={address}
              onFocus={(event) => event.target.select()}
            />
          </div>
          <Button onClick={() => void navigator.clipboard.writeText(address).catch(() => {})}>
            Copy
          </Button>
        </div>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <a href="/api/calendar.ics" download="gerula.ics" className={buttonLook()}>
          Calendar file
        </a>
        <Button onClick={() => void make().catch(() => {})}>
          {feed?.madeAt ? "New private address" : "Make a private address"}
        </Button>
        {feed?.madeAt && (
          <>
            <Button kind="stop" onClick={() => void revoke().catch(() => {})}>
              Turn it off
            </Button>
            <span className="text-soft text-sm">made {moment(feed.madeAt, zone)}</span>
          </>
        )}
      </div>
    </section>
  );
}
