import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/bricolage-grotesque";
import "./shell/look.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Gerula } from "./shell/Gerula";

const root = document.getElementById("gerula");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Gerula />
    </StrictMode>,
  );
}
