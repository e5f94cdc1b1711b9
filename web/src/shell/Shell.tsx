import { lazy, Suspense, useState } from "react";
import { NavLink, Outlet } from "react-router";
import { usePlaces } from "../api/kit";
import { useMoving } from "../kit/item/useMoving";
import { Ruler } from "../parts/Ruler";
import { useStance } from "../parts/stance";
import { ScansProvider } from "../scan/scans";
import { SignOut } from "../signin/SignOut";
import { Find } from "./Find";
import { NoticeLine } from "./NoticeLine";
import { StaleLine } from "./StaleLine";
import { useTheme } from "./theme";

const ScanSheet = lazy(async () => ({ default: (await import("../scan/ScanSheet")).ScanSheet }));

const WORDS = [
  { to: "/", word: "Next" },
  { to: "/bookings", word: "Bookings" },
  { to: "/kit", word: "Kit" },
  { to: "/bench", word: "Bench" },
  { to: "/dates", word: "Dates" },
  { to: "/house", word: "House rules" },
];

/** The frame around every view: the ruler of time, the words of navigation, the find field. */
export function Shell() {
  const move = useMoving();
  const places = usePlaces();
  return (
    <ScansProvider
      onCarry={(scan, place) => {
        const item = scan.items[0];
        if (item && places.has(place)) void move(item, place);
      }}
    >
      <Frame />
    </ScansProvider>
  );
}

function Frame() {
  const stance = useStance();
  const [theme, turn] = useTheme();
  const [scanning, setScanning] = useState(false);
  return (
    <>
      <a href="#view" className="sr-only focus:not-sr-only focus:absolute focus:p-3">
        To the view
      </a>
      {stance === "desk" && <Ruler />}
      <header className="relative flex items-center gap-x-6 border-hair border-b px-7 max-hand:flex-wrap max-hand:gap-x-1 max-hand:px-2">
        <NavLink
          to="/"
          className="py-3 font-bold font-voice text-lg tracking-tight max-hand:sr-only"
        >
          Gerula
        </NavLink>
        <nav
          aria-label="Views"
          className="flex gap-x-1 max-hand:w-full max-hand:justify-between max-hand:gap-x-0"
        >
          {WORDS.map(({ to, word }) => (
            <NavLink
              key={to}
              to={to}
              end={to === "/"}
              className="border-transparent border-b-[3px] px-3 pt-3.5 pb-3 text-soft hover:text-ink max-hand:px-1.5 aria-[current=page]:border-ink aria-[current=page]:text-ink"
            >
              {word}
            </NavLink>
          ))}
        </nav>
        {stance === "desk" && <Find />}
        {stance === "hand" && (
          <div className="min-w-0 flex-1 pb-2">
            <Find />
          </div>
        )}
        <button
          type="button"
          onClick={() => setScanning(true)}
          className="min-h-11 px-2 hover:underline max-hand:pb-2"
        >
          Scan
        </button>
        <button
          type="button"
          onClick={turn}
          className="min-h-11 px-2 text-soft hover:text-ink max-hand:pb-2"
        >
          {theme === "dark" ? "Light" : "Dark"}
        </button>
        <div className="max-hand:hidden">
          <SignOut />
        </div>
      </header>
      <main id="view" className="mx-auto max-w-[90rem] px-7 pt-5 pb-24 max-hand:px-4 max-hand:pt-4">
        <StaleLine />
        <Outlet />
      </main>
      {scanning && (
        <Suspense>
          <ScanSheet open onClose={() => setScanning(false)} />
        </Suspense>
      )}
      <NoticeLine />
    </>
  );
}
