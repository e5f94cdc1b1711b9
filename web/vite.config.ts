import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Nothing may be inlined as data: scripts and fonts come from files only.
  build: { assetsInlineLimit: 0, target: "es2023" },
});
