import { expect, test } from "vitest";

const SOURCES = import.meta.glob<string>("./**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
});
const IMPORTED = /(?:from|import\() ?"(\.{1,2}\/[^"]+)"/g;

function folder(path: string): string {
  return path.slice(0, path.lastIndexOf("/"));
}

/** Where an import leads, as the paths of the sources are written. */
function target(from: string, spec: string): string {
  const parts = folder(from)
    .split("/")
    .filter((part) => part !== ".");
  for (const step of spec.split("/")) {
    if (step === "..") parts.pop();
    else if (step !== ".") parts.push(step);
  }
  return [".", ...parts].join("/");
}

/** For each folder, those it imports from. */
function imports(): Map<string, Set<string>> {
  const folders = new Map<string, Set<string>>();
  for (const [path, source] of Object.entries(SOURCES)) {
    if (path.endsWith(".test.ts")) continue;
    const own = folders.get(folder(path)) ?? new Set();
    folders.set(folder(path), own);
    for (const [, spec = ""] of source.matchAll(IMPORTED)) {
      const other = folder(target(path, spec));
      if (other !== folder(path)) own.add(other);
    }
  }
  return folders;
}

/** The way from a folder back to itself; empty when there is none. */
function circle(start: string, folders: Map<string, Set<string>>): string[] {
  const seen = new Set<string>();
  const follow = (at: string, way: string[]): string[] => {
    for (const next of folders.get(at) ?? []) {
      if (next === start) return [...way, next];
      if (!seen.has(next)) {
        seen.add(next);
        const found = follow(next, [...way, next]);
        if (found.length) return found;
      }
    }
    return [];
  };
  return follow(start, [start]);
}

test("no folder needs itself by way of another", () => {
  const folders = imports();
  expect(folders.size).toBeGreaterThan(20);
  const circles = [...folders.keys()]
    .map((one) => circle(one, folders))
    .filter((way) => way.length);
  expect(circles).toEqual([]);
});

test("nothing but the entry imports the shell, and trade words stay out of ui", () => {
  for (const [from, to] of imports()) {
    if (from !== ".") expect([...to], from).not.toContain("./shell");
    if (from === "./ui") expect([...to].sort()).toEqual(["./api", "./words"]);
  }
});
