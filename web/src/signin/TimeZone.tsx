import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, Problem } from "../api/client";
import { useSession } from "../api/session";
import { Button } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { clockTime } from "../words/dates";

/** The time zone of this device, as browsers name it. */
export function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** Where the days of the workspace begin and end. */
export function TimeZone() {
  const session = useSession();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string>();
  const zone = session.data?.zone;
  if (!zone) return null;
  const change = async (to: string) => {
    try {
      await ask("PUT", "/api/workspace/zone", { zone: to });
      setFault(undefined);
      // Whatever is told by days may be told differently now.
      await queries.invalidateQueries();
    } catch (thrown) {
      setFault(thrown instanceof Problem ? thrown.message : undefined);
    }
  };
  return (
    <div className="flex max-w-3xl flex-wrap items-end gap-3">
      <div className="w-72">
        <SelectField
          label="Time zone"
          hint={`it is ${timeIn(zone)} there`}
          choices={zones(zone).map((one) => ({ value: one, word: one.replaceAll("_", " ") }))}
          value={zone}
          fault={fault}
          onChange={(event) => void change(event.target.value)}
        />
      </div>
      {ownZone() !== zone && (
        <Button onClick={() => void change(ownZone())}>
          Use this device's, {ownZone().replaceAll("_", " ")}
        </Button>
      )}
    </div>
  );
}

function zones(known: string): string[] {
  const all = Intl.supportedValuesOf("timeZone");
  return all.includes(known) ? all : [known, ...all];
}

function timeIn(zone: string): string {
  return clockTime(new Date().toLocaleTimeString("en-GB", { timeZone: zone }));
}
