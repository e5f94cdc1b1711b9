import { cloneElement, lazy, type ReactNode, Suspense, useEffect, useRef, useState } from "react";
import { NavLink, Outlet } from "react-router";
import { usePlaces } from "../api/kit";
import { useMoving } from "../kit/item/useMoving";
import { Ruler } from "../parts/Ruler";
import { useStance } from "../parts/stance";
import { ScansProvider } from "../scan/scans";
import { Find } from "./Find";
import { NoticeLine } from "./NoticeLine";
import { StaleLine } from "./StaleLine";
import { useTheme } from "./theme";
import { IN_THE_BAR, VIEWS } from "./views";

const ScanSheet = lazy(async () => ({ default: (await import("../scan/ScanSheet")).ScanSheet }));
const Menu = lazy(async () => ({ default: (await import("./Menu")).Menu }));
const Shortcuts = lazy(async () => ({ default: (await import("./Shortcuts")).Shortcuts }));

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
  const [open, setOpen] = useState<"scan" | "shortcuts" | null>(null);
  useQuestionMark(() => setOpen("shortcuts"));
  const scan = () => setOpen("scan");
  const menu = (
    <MenuButton word={stance === "hand" ? "More" : "Account"}>
      {(trigger) => (
        <Menu
          trigger={trigger}
          theme={theme}
          onTheme={turn}
          onShortcuts={() => setOpen("shortcuts")}
        />
      )}
    </MenuButton>
  );
  return (
    <>
      <a href="#view" className="sr-only focus:not-sr-only focus:absolute focus:p-3">
        To the view
      </a>
      {stance === "desk" ? <Head onScan={scan} menu={menu} /> : <Top />}
      <main
        id="view"
        className="mx-auto max-w-[90rem] px-7 pt-5 pb-24 max-hand:px-4 max-hand:pt-4 max-hand:pb-32"
      >
        <StaleLine />
        <Outlet />
      </main>
      {stance === "hand" && <Bar onScan={scan} menu={menu} />}
      <Suspense>
        {open === "scan" && <ScanSheet open onClose={() => setOpen(null)} />}
        {open === "shortcuts" && <Shortcuts onClose={() => setOpen(null)} />}
      </Suspense>
      <NoticeLine />
    </>
  );
}

type MenuButtonProps = { word: string; children: (trigger: ReactNode) => ReactNode };

/** What opens the menu; the menu itself is fetched when somebody first asks for it. */
function MenuButton({ word, children }: MenuButtonProps) {
  const [isWanted, setWanted] = useState(false);
  const trigger = (
    <button
      type="button"
      className="min-h-11 px-2 text-soft hover:text-ink max-hand:min-h-14 max-hand:w-full max-hand:px-0 data-[state=open]:text-ink"
    >
      {word}
    </button>
  );
  const first = cloneElement(trigger, { "aria-haspopup": "menu", onClick: () => setWanted(true) });
  return isWanted ? <Suspense fallback={first}>{children(trigger)}</Suspense> : first;
}

type FrameProps = { onScan: () => void; menu: ReactNode };

function Head({ onScan, menu }: FrameProps) {
  return (
    <>
      <Ruler />
      <header className="relative flex items-center gap-x-6 border-hair border-b px-7">
        <NavLink to="/" className="py-3 font-bold font-voice text-lg tracking-tight">
          Gerula
        </NavLink>
        <nav aria-label="Views" className="flex gap-x-1">
          {VIEWS.map(({ to, word }) => (
            <NavLink
              key={to}
              to={to}
              end={to === "/"}
              className="border-transparent border-b-[3px] px-3 pt-3.5 pb-3 text-soft hover:text-ink aria-[current=page]:border-ink aria-[current=page]:text-ink"
            >
              {word}
            </NavLink>
          ))}
        </nav>
        <Find />
        <button type="button" onClick={onScan} className="min-h-11 px-2 hover:underline">
          Scan
        </button>
        {menu}
      </header>
    </>
  );
}

function Top() {
  return (
    <header className="relative border-hair border-b p-2">
      <Find />
    </header>
  );
}

/** Under the thumb: what one does most, scanning in the middle of it. */
function Bar({ onScan, menu }: FrameProps) {
  const [next, bookings, kit] = VIEWS.slice(0, IN_THE_BAR).map(({ to, word }) => (
    <li key={to}>
      <NavLink
        to={to}
        end={to === "/"}
        className="flex min-h-14 items-center justify-center border-transparent border-t-[3px] pb-[3px] text-soft aria-[current=page]:border-ink aria-[current=page]:text-ink"
      >
        {word}
      </NavLink>
    </li>
  ));
  return (
    <nav
      aria-label="Views"
      className="fixed inset-x-0 bottom-0 z-10 border-line border-t bg-paper pb-[env(safe-area-inset-bottom)]"
    >
      <ul className="grid grid-cols-[1fr_1.2fr_1.1fr_1fr_1fr]">
        {next}
        {bookings}
        <li className="flex items-center p-1.5">
          <button
            type="button"
            onClick={onScan}
            className="min-h-11 w-full rounded bg-ink font-semibold text-paper"
          >
            Scan
          </button>
        </li>
        {kit}
        <li>{menu}</li>
      </ul>
    </nav>
  );
}

/** The question mark opens the page of shortcuts, unless somebody is writing. */
function useQuestionMark(open: () => void) {
  const latest = useRef(open);
  latest.current = open;
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.key === "?" && !/^(input|textarea|select)$/i.test(target.tagName)) latest.current();
    };
    document.addEventListener("keydown", key);
    return () => document.removeEventListener("keydown", key);
  }, []);
}
