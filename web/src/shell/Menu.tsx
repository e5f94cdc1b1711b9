import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { useSession } from "../api/session";
import { useStance } from "../parts/stance";
import { useSignOut } from "../signin/useSignOut";
import { IN_THE_BAR, VIEWS } from "./views";

const LINE =
  "flex min-h-9 cursor-pointer items-center justify-between gap-6 rounded px-3 outline-none data-[highlighted]:bg-lit max-hand:min-h-12 max-hand:text-lg";

type MenuProps = {
  trigger: ReactNode;
  theme: "light" | "dark";
  onTheme: () => void;
  onShortcuts: () => void;
};

/** Whose kit it is, and what one seldom does; in the hand also the views that the bar has no room for. */
export function Menu({ trigger, theme, onTheme, onShortcuts }: MenuProps) {
  const stance = useStance();
  const email = useSession().data?.email;
  const signOut = useSignOut();
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          collisionPadding={8}
          className="z-30 min-w-60 rounded-md border-2 border-ink bg-paper p-1.5"
        >
          {stance === "hand" && (
            <>
              {VIEWS.slice(IN_THE_BAR).map(({ to, word }) => (
                <Line key={to} to={to} word={word} />
              ))}
              <Line to="/people" word="People" />
              <DropdownMenu.Separator className="my-1.5 border-hair border-t" />
            </>
          )}
          <DropdownMenu.Label className="px-3 py-1.5 text-sm text-soft">{email}</DropdownMenu.Label>
          <Line to="/account" word="Account" />
          <Line to="/kit/tables" word="Import and export" />
          <DropdownMenu.Item className={LINE} onSelect={onTheme}>
            {theme === "dark" ? "Light theme" : "Dark theme"}
          </DropdownMenu.Item>
          {stance === "desk" && (
            <DropdownMenu.Item className={LINE} onSelect={onShortcuts}>
              Keyboard shortcuts <kbd className="text-soft">?</kbd>
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Separator className="my-1.5 border-hair border-t" />
          <DropdownMenu.Item className={LINE} onSelect={() => void signOut()}>
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Line({ to, word }: { to: string; word: string }) {
  return (
    <DropdownMenu.Item asChild className={LINE}>
      <Link to={to}>{word}</Link>
    </DropdownMenu.Item>
  );
}
