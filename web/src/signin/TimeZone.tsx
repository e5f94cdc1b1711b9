import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, Problem } from "../api/client";
import { useSession } from "../api/session";
import { Button } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { clockTime, type DateOrder } from "../words/dates";

/** The time zone of this device, as browsers name it. */
export function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** The order in which this device writes dates. */
export function ownDateOrder(): DateOrder {
  const [first] = new Intl.DateTimeFormat()
    .formatToParts()
    .filter(({ type }) => type !== "literal")
    .map(({ type }) => `${type}-first`);
  return DATE_ORDERS.find(({ value }) => value === first)?.value ?? "day-first";
}

const DATE_ORDERS: { value: DateOrder; word: string }[] = [
  { value: "day-first", word: "day first, 17 Apr, 17.4." },
  { value: "month-first", word: "month first, Apr 17, 4/17" },
  { value: "year-first", word: "year first, 2031-04-17" },
];

/** Where the days of the workspace begin and end, and how they are written. */
export function TimeZone() {
  const session = useSession();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string>();
  const zone = session.data?.zone;
  if (!zone) return null;
  const change = async (what: "zone" | "date-order", to: Record<string, string>) => {
    try {
      await ask("PUT", `/api/workspace/${what}`, to);
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
          onChange={(event) => void change("zone", { zone: event.target.value })}
        />
      </div>
      <div className="w-72">
        <SelectField
          label="Dates are written"
          choices={DATE_ORDERS}
          value={session.data?.dateOrder ?? "day-first"}
          onChange={(event) => void change("date-order", { dateOrder: event.target.value })}
        />
      </div>
      {ownZone() !== zone && (
        <Button onClick={() => void change("zone", { zone: ownZone() })}>
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
