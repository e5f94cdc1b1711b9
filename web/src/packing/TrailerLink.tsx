import { Link } from "react-router";
import type { Booking } from "../api/client";
import { usePlaces } from "../api/kit";
import { buttonLook } from "../ui/Button";

/** Where a trailer is among the bags: how it is worked from. */
export function TrailerLink({ booking }: { booking: Booking }) {
  const places = usePlaces();
  if (!booking.bags.some((bag) => places.get(bag)?.kind === "trailer")) return null;
  return (
    <Link to={`/bookings/${booking.id}/trailer`} className={buttonLook()}>
      Trailer
    </Link>
  );
}
