import { useSearchParams } from "react-router";
import { useToday } from "../api/session";
import { TextField } from "../ui/Field";
import { plusDays } from "../words/dates";

/** So far back one usually looks. */
const DAYS_BACK = 14;

/** From which day on one looks; it stands in the address. */
export function useSince(): [string, (day: string) => void] {
  const today = useToday();
  const [asked, setAsked] = useSearchParams();
  return [
    asked.get("since") ?? plusDays(today, -DAYS_BACK),
    (day) => setAsked({ since: day }, { replace: true }),
  ];
}

export function Since({ day, onDay }: { day: string; onDay: (day: string) => void }) {
  return (
    <div className="w-48">
      <TextField
        label="Since"
        type="date"
        value={day}
        onChange={(event) => event.target.value && onDay(event.target.value)}
      />
    </div>
  );
}
