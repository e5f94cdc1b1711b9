import { useEffect, useState } from "react";
import { useStance } from "../parts/stance";

type Theme = "light" | "dark";
const KEPT = "gerula-theme";

function kept(): Theme | null {
  const value = localStorage.getItem(KEPT);
  return value === "light" || value === "dark" ? value : null;
}

/** What was chosen here; otherwise dark in the hand, as in a trailer, and the device's wish at the desk. */
export function useTheme(): [Theme, () => void] {
  const stance = useStance();
  const [chosen, setChosen] = useState(kept);
  const wish = window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
  const theme = chosen ?? (stance === "hand" ? "dark" : wish);
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const turn = () => {
    const other = theme === "dark" ? "light" : "dark";
    localStorage.setItem(KEPT, other);
    setChosen(other);
  };
  return [theme, turn];
}
