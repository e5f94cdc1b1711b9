import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Item } from "../api/client";
import { useFound, usePlaces } from "../api/kit";
import { useMoving } from "../kit/item/useMoving";
import { Marks } from "../parts/Marks";
import { Swatch } from "../parts/Swatch";
import { useStance } from "../parts/stance";
import { fullName, placePath } from "../words/items";

const UseIt = lazy(async () => ({ default: (await import("../kit/item/UseIt")).UseIt }));

/** One field finds things and places while one types: focused by the slash key, left by Esc. */
export function Find() {
  const field = useRef<HTMLInputElement>(null);
  const whole = useRef<HTMLDivElement>(null);
  const navigate = useNavigate();
  const stance = useStance();
  const [q, setQ] = useState("");
  const [open, setOpen] = useState(false);
  const [used, setUsed] = useState<Item | null>(null);
  // While somebody walks the answers, those for letters typed last may still come: they wait.
  const [walked, setWalked] = useState<string | null>(null);
  const asked = walked ?? q;
  const { data: found, isPlaceholderData } = useFound(asked);
  const answered = useRef("");
  useEffect(() => {
    if (!isPlaceholderData) answered.current = asked;
  }, [asked, isPlaceholderData]);
  useEffect(() => {
    const focus = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.key === "/" && !/^(input|textarea|select)$/i.test(target.tagName)) {
        event.preventDefault();
        field.current?.focus();
        field.current?.select();
      }
    };
    document.addEventListener("keydown", focus);
    return () => document.removeEventListener("keydown", focus);
  }, []);
  const close = () => setOpen(false);
  const keys = (event: React.KeyboardEvent) => {
    if (event.key === "Escape") {
      close();
      field.current?.focus();
    }
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!step) return;
    const stops = [...(whole.current?.querySelectorAll<HTMLElement>("input, [data-answer]") ?? [])];
    const at = stops.indexOf(document.activeElement as HTMLElement);
    const next = stops[(at + step + stops.length) % stops.length];
    if (next !== field.current) setWalked(answered.current);
    next?.focus();
    event.preventDefault();
  };
  const shown = open && q.trim() !== "" && found;
  return (
    <search className="relative ml-auto max-hand:static max-hand:min-w-0 max-hand:flex-1">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: arrow keys walk from the field into its answers. */}
      <div
        ref={whole}
        onKeyDown={keys}
        onBlur={(event) => !whole.current?.contains(event.relatedTarget) && close()}
      >
        <form
          onSubmit={(event) => {
            event.preventDefault();
            close();
            navigate(`/kit?q=${encodeURIComponent(q)}`);
          }}
        >
          <input
            ref={field}
            type="search"
            aria-label="Search items and places"
            placeholder={
              stance === "desk" ? "Search items and places   /" : "Search items and places"
            }
            autoComplete="off"
            value={q}
            onFocus={() => {
              setOpen(true);
              setWalked(null);
            }}
            onChange={(event) => {
              setQ(event.target.value);
              setOpen(true);
            }}
            className="h-9 w-72 rounded border border-line bg-paper px-3 max-hand:h-11 max-hand:w-full"
          />
        </form>
        {shown && (
          <div
            className="absolute top-full right-0 z-30 mt-1 max-h-[75dvh] w-[34rem] overflow-y-auto rounded-md border-2 border-ink bg-paper p-2 max-hand:inset-x-0 max-hand:w-auto max-hand:rounded-none"
            aria-live="polite"
          >
            <Answers items={found.items} places={found.places} q={q} onGo={close} onUse={setUsed} />
          </div>
        )}
      </div>
      {used && (
        <Suspense>
          <UseIt key={used.id} item={used} open onDone={() => setUsed(null)} />
        </Suspense>
      )}
    </search>
  );
}

type Going = { onGo: () => void; onUse: (item: Item) => void };
type AnswersProps = { items: Item[]; places: string[]; q: string } & Going;

function Answers({ items, places, q, onGo, onUse }: AnswersProps) {
  const map = usePlaces();
  if (!items.length && !places.length) {
    return (
      <p className="p-2 text-soft">
        Nothing matches “{q}”. Check the spelling, or{" "}
        <Link to="/kit/new" onClick={onGo} className="underline">
          add it to the kit
        </Link>
        .
      </p>
    );
  }
  return (
    <>
      <ul>
        {places.map((id) => (
          <li key={id} className="border-hair border-b">
            <Link
              to={`/kit/places/${id}`}
              onClick={onGo}
              data-answer
              className="block min-h-11 px-2 py-2.5 hover:bg-lit"
            >
              {placePath(id, map)} <span className="text-soft">place</span>
            </Link>
          </li>
        ))}
        {items.map((item) => (
          <Answer key={item.id} item={item} onGo={onGo} onUse={onUse} />
        ))}
      </ul>
      <Link
        to={`/kit?q=${encodeURIComponent(q)}`}
        onClick={onGo}
        className="block min-h-11 px-2 py-2.5 text-soft underline"
      >
        All matches as a list
      </Link>
    </>
  );
}

/** One thing found: where it is, its marks, and what one most often does then. */
function Answer({ item, onGo, onUse }: { item: Item } & Going) {
  const places = usePlaces();
  const move = useMoving();
  return (
    <li className="grid grid-cols-[auto_1fr_auto] items-center gap-3 border-hair border-b px-2 py-1 hover:bg-lit">
      <Swatch item={item} size="small" />
      <Link to={`/kit/items/${item.id}`} onClick={onGo} data-answer className="block min-w-0 py-1">
        <span className="block truncate">{fullName(item)}</span>
        <span className="block truncate text-[0.85rem] text-soft">
          {placePath(item.now, places)}
        </span>
      </Link>
      <span className="flex items-center gap-1">
        <Marks item={item} />
        {item.home && item.home !== item.now && (
          <button
            type="button"
            className="min-h-9 px-2 underline max-hand:min-h-11"
            aria-label={`Put ${fullName(item)} away`}
            onClick={() => void move(item, item.home ?? "")}
          >
            put away
          </button>
        )}
        <button
          type="button"
          className="min-h-9 px-2 underline max-hand:min-h-11"
          aria-label={`Use ${fullName(item)}`}
          onClick={() => onUse(item)}
        >
          use
        </button>
        <Link
          to={`/kit/places/${item.now ?? ""}`}
          onClick={onGo}
          aria-label={`Open the place of ${fullName(item)}`}
          className={`min-h-9 px-2 py-2 underline max-hand:hidden ${item.now ? "" : "invisible"}`}
        >
          open
        </Link>
        <Link
          to={`/kit/labels?item=${item.id}`}
          onClick={onGo}
          aria-label={`A label for ${fullName(item)}`}
          className="min-h-9 px-2 py-2 underline max-hand:hidden"
        >
          label
        </Link>
      </span>
    </li>
  );
}
