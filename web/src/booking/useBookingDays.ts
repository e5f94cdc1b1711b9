import { useQuery } from "@tanstack/react-query";
import { useFormContext } from "react-hook-form";
import { readDate } from "../parts/typed";
import { useSettled } from "../parts/useSettled";
import { daysFrom } from "../words/dates";
import type { BookingForm } from "./bookingForm";

/** The days from the first to the last as they are typed so far; none while they are no dates. */
export function useBookingDays(): string[] {
  const { watch } = useFormContext<BookingForm>();
  const typed = useSettled(`${watch("booking.firstDay")}|${watch("booking.lastDay")}`);
  const days = useQuery({
    queryKey: ["booking-days", typed],
    queryFn: async () => {
      const [first = "", last = ""] = typed.split("|");
      const from = await readDate(first, "day");
      const to = last.trim() ? await readDate(last, "day") : from;
      return from && to ? daysFrom(from, to) : [];
    },
  });
  return days.data ?? [];
}
