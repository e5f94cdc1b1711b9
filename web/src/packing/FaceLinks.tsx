import { Link } from "react-router";
import type { PackingList } from "../api/packing";

/** To each face's own sheet: her look, her recipe, what must not touch her. */
export function FaceLinks({ list }: { list: PackingList }) {
  const { id, faces } = list.booking;
  if (faces.length === 0) return null;
  return (
    <nav aria-label="Faces" className="flex flex-wrap gap-x-4 gap-y-1">
      {faces.map((face) => (
        <Link
          key={face.id}
          to={`/bookings/${id}/faces/${face.id}`}
          className="py-0.5 underline decoration-line hover:decoration-ink max-hand:py-2.5"
        >
          {face.name}
          {face.sensitivities.length > 0 && <span className="text-stop"> !</span>}
        </Link>
      ))}
    </nav>
  );
}
