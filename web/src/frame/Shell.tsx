import { useEffect, useRef } from "react";
import { NavLink, Outlet, useLocation, useNavigate } from "react-router";
import { SignOut } from "../signin/SignOut";
import { NoticeLine } from "./NoticeLine";
import { Ruler } from "./Ruler";
import { useStance } from "./stance";
import { useTheme } from "./theme";

const WORDS = [
  { to: "/", word: "Next" },
  { to: "/bookings", word: "Bookings" },
  { to: "/kit", word: "Kit" },
];

/** The frame around every view: the ruler of time, the words of navigation, the find field. */
export function Shell() {
  const stance = useStance();
  const [theme, turn] = useTheme();
  return (
    <>
      <a href="#view" className="sr-only focus:not-sr-only focus:absolute focus:p-3">
        To the view
      </a>
      {stance === "desk" && <Ruler />}
      <header className="flex items-center gap-x-6 border-hair border-b px-7 max-hand:gap-x-1 max-hand:px-2">
        <NavLink
          to="/"
          className="py-3 font-bold font-voice text-lg tracking-tight max-hand:sr-only"
        >
          Gerula
        </NavLink>
        <nav aria-label="Views" className="flex gap-x-1">
          {WORDS.map(({ to, word }) => (
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
        <FindField />
        <button type="button" onClick={turn} className="min-h-11 px-2 text-soft hover:text-ink">
          {theme === "dark" ? "Light" : "Dark"}
        </button>
        <div className="max-hand:hidden">
          <SignOut />
        </div>
      </header>
      <main id="view" className="mx-auto max-w-[90rem] px-7 pt-5 pb-24 max-hand:px-4 max-hand:pt-4">
        <Outlet />
      </main>
      <NoticeLine />
    </>
  );
}

/** Find a thing by name, maker, shade or note: focused by the slash key. */
function FindField() {
  const field = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const location = useLocation();
  const sought = new URLSearchParams(location.search).get("q") ?? "";
  useEffect(() => {
    const focus = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.key === "/" && !/^(input|textarea|select)$/i.test(target.tagName)) {
        event.preventDefault();
        field.current?.focus();
      }
    };
    document.addEventListener("keydown", focus);
    return () => document.removeEventListener("keydown", focus);
  }, []);
  return (
    <search className="ml-auto max-hand:min-w-0 max-hand:flex-1">
      <input
        ref={field}
        key={location.pathname === "/kit" ? "kit" : "elsewhere"}
        type="search"
        aria-label="Find a thing in the kit"
        placeholder="Find a thing   /"
        defaultValue={location.pathname === "/kit" ? sought : ""}
        onChange={(event) => {
          const q = event.target.value;
          const onKit = location.pathname === "/kit";
          const search = onKit ? new URLSearchParams(location.search) : new URLSearchParams();
          q ? search.set("q", q) : search.delete("q");
          navigate(`/kit?${search}`, { replace: onKit });
        }}
        className="h-9 w-56 rounded border border-line bg-paper px-3 max-hand:h-11 max-hand:w-full"
      />
    </search>
  );
}
