import { useState } from "react";
import { useActs } from "../api/acts";
import { askFile, Problem, type Schemas } from "../api/client";
import { Button, buttonLook } from "../ui/Button";
import { capital, count } from "../words/codes";
import { joined } from "../words/packing";

type Look = Schemas["OfferTableView"];

/** A table of offers: what it would change is told before any of it is kept. */
export function OfferTable() {
  const { send } = useActs();
  const [file, setFile] = useState<Blob | null>(null);
  const [look, setLook] = useState<Look | null>(null);
  const [fault, setFault] = useState("");
  const choose = async (chosen: File | undefined) => {
    setLook(null);
    setFault("");
    if (!chosen) return;
    // Some browsers give tables no type of their own.
    const table = new Blob([chosen], { type: "text/csv" });
    setFile(table);
    try {
      setLook(await askFile<Look>("POST", "/api/offers/csv/preview", table, "text/csv"));
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      setFault(thrown.message);
    }
  };
  const keep = () => {
    if (!file) return;
    void send<Look>(
      {
        path: "/api/offers/csv",
        done: (kept) => `${capital(count(kept.fresh + kept.changed, "offer"))} written down.`,
      },
      file,
    )
      .then(() => {
        setFile(null);
        setLook(null);
      })
      .catch(() => {});
  };
  const news = look ? look.fresh + look.changed : 0;
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label className={`${buttonLook()} focus-within:outline-2`}>
          Read a table
          <input
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(event) => {
              void choose(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </label>
        <span className="text-soft">CSV with the columns product, price and shop at least</span>
      </div>
      {fault && <p className="text-stop">{fault}</p>}
      {look && (
        <div aria-live="polite" className="flex flex-col gap-2">
          <p>{sentence(look)}</p>
          {look.unknown.length > 0 && (
            <p className="text-soft">
              Passed over, not in the kit: {look.unknown.slice(0, 8).join(", ")}
              {look.notInTheKit > 8 && ` and ${look.notInTheKit - 8} more`}
            </p>
          )}
          {look.otherTerms.length > 0 && (
            <p className="text-soon">
              Of {joined(look.otherTerms)} it says other days or shipping than are written down. If
              that is new, change the shop: the table does not.
            </p>
          )}
          <ul>
            {look.bad.slice(0, 8).map((row) => (
              <li key={row.line} className="text-stop">
                Line {row.line}: {row.what}
              </li>
            ))}
          </ul>
          <div>
            <Button kind="solid" disabled={news === 0} onClick={keep}>
              Write {count(news, "offer")} down
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

function sentence(look: Look): string {
  const shops = look.newShops.length;
  return [
    `${capital(count(look.fresh, "new offer"))}, ${count(look.changed, "new price")}, ${look.same} as written down`,
    shops ? `; ${count(shops, "shop")} come along` : "",
    look.badCount
      ? `; ${count(look.badCount, "row")} cannot be read and ${look.badCount === 1 ? "is" : "are"} left out`
      : "",
    ".",
  ].join("");
}
