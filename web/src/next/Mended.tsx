import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, type Schemas } from "../api/client";
import { Button } from "../ui/Button";
import { nearDate } from "../words/dates";

const SEEN = "gerula.mended-seen";

/** What the kit's own check found and put right, until somebody has read it. */
export function Mended({ today }: { today: string }) {
  const [seen, setSeen] = useState(() => localStorage.getItem(SEEN));
  const { data } = useQuery({
    queryKey: ["workspace-check"],
    queryFn: () => ask<Schemas["KitCheckView"]>("GET", "/api/workspace/check"),
  });
  const newest = data?.mended[0];
  if (!newest || newest.act === seen) return null;
  const dismiss = () => {
    localStorage.setItem(SEEN, newest.act);
    setSeen(newest.act);
  };
  return (
    <section aria-label="Corrected in your kit" className="border-soon border-l-4 pl-4">
      <h2 className="font-semibold">
        Something in your kit couldn’t be true and was corrected{" "}
        {nearDate(newest.at.slice(0, 10), today)}
      </h2>
      <ul className="mt-1 list-disc pl-5">
        {newest.words.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      <div className="mt-2">
        <Button onClick={dismiss}>Dismiss</Button>
      </div>
    </section>
  );
}
