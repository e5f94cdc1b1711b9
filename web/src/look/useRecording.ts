import { useActs } from "../api/acts";
import type { Look } from "../api/look";

/** Writes a look down; the one that is there for the same gives way to it. */
export function useRecording(booking: string, face: string) {
  const { perform } = useActs();
  return (look: Look, done: string) =>
    perform({ path: `/api/bookings/${booking}/faces/${face}/look`, body: { look }, done });
}
