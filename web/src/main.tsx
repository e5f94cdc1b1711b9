import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/bricolage-grotesque";
import "./frame/look.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Gerula } from "./frame/Gerula";

const root = document.getElementById("gerula");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Gerula />
    </StrictMode>,
  );
}
