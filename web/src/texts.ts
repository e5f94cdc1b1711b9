import { parseSync } from "vite";

/** One text of the interface: what stands between its words is shown as {…}. */
export type Text = { room: string; text: string };

const SCREENS = import.meta.glob<string>(
  ["./**/*.{ts,tsx}", "!./**/*.test.ts", "!./api/types.ts", "!./texts.ts"],
  { query: "?raw", import: "default", eager: true },
);
const MESSAGES = import.meta.glob<string>("../../{app,core}/src/main/java/**/*.java", {
  query: "?raw",
  import: "default",
  eager: true,
});

type Node = Record<string, unknown> & { type: string };

/** Where no text for people stands. */
const SILENT = new Set([
  "className",
  "style",
  "d",
  "viewBox",
  "key",
  "name",
  "type",
  "path",
  "to",
  "href",
  "id",
  "queryKey",
  "autoComplete",
  "strokeDasharray",
  "transform",
  "points",
]);

/** Attributes and properties whose value is a text even when it is one small word. */
const SPOKEN = new Set([
  "label",
  "hint",
  "title",
  "placeholder",
  "aria-label",
  "empty",
  "legend",
  "action",
  "word",
  "told",
  "done",
  "what",
]);

const CLASSES = /^[a-z0-9:\-[\]().%,_/&>*=+#'|]+$/;

function isClasses(text: string): boolean {
  const words = text.split(/\s+/).filter(Boolean);
  const marked = words.filter((word) => /[:[-]/.test(word)).length;
  return words.every((word) => CLASSES.test(word)) && marked * 3 >= words.length;
}

/** Keys, and what is drawn. */
const NO_WORDS = /^(Escape|Enter|Ctrl|Shift|Tab|M ?[VLvhqz\d. ]+|minmax.*)$/;

function speaks(text: string, isSpoken: boolean): boolean {
  const letters = text.replace(/\{…\}/g, "").trim();
  if (
    !/[a-z]{2}/i.test(letters) ||
    NO_WORDS.test(letters) ||
    /^[/#.@]|^https?:|^\w+\/\w+/.test(letters)
  )
    return false;
  if (isSpoken) return true;
  return (/\s/.test(letters) || /^[A-Z][a-z]+[.?!…]?$/.test(letters)) && !isClasses(letters);
}

/** All texts of a TypeScript file, in the order in which they stand. */
function textsOf(path: string, source: string): string[] {
  const { program } = parseSync(path, source, { lang: "tsx" });
  const found: string[] = [];
  const visit = (node: unknown, isSpoken: boolean) => {
    if (Array.isArray(node)) {
      for (const one of node) visit(one, isSpoken);
      return;
    }
    if (!node || typeof node !== "object") return;
    const { type, ...rest } = node as Node;
    if (type === "ImportDeclaration" || type?.startsWith("TS")) {
      if (type !== "TSAsExpression" && type !== "TSSatisfiesExpression") return;
      visit((rest as Node).expression, isSpoken);
      return;
    }
    if (type === "JSXAttribute" || type === "Property") {
      const named = ((rest.name ?? rest.key) as Node) ?? {};
      const name = String(named.name ?? named.value ?? "");
      if (SILENT.has(name)) return;
      visit(rest.value, SPOKEN.has(name));
      return;
    }
    if (type === "Literal" && typeof rest.value === "string") {
      if (speaks(rest.value, isSpoken)) found.push(rest.value);
      return;
    }
    if (type === "JSXText") {
      const text = String(rest.value).replace(/\s+/g, " ");
      if (speaks(text, true)) found.push(text.trim());
      return;
    }
    if (type === "TemplateLiteral") {
      const text = (rest.quasis as { value: { cooked: string } }[])
        .map((quasi) => quasi.value.cooked)
        .join("{…}");
      if (speaks(text, isSpoken)) found.push(text);
      visit(rest.expressions, isSpoken);
      return;
    }
    for (const one of Object.values(rest)) visit(one, isSpoken);
  };
  visit(program, false);
  return found;
}

const JAVA = /"((?:[^"\\\n]|\\.)*)"(?:\s*\+\s*"((?:[^"\\\n]|\\.)*)")*/g;

/** What the application answers in sentences. */
function messagesOf(written: string): string[] {
  const source = written.replace(/\/\*[\s\S]*?\*\//g, "");
  return [...source.matchAll(JAVA)]
    .map(([whole]) =>
      [...whole.matchAll(/"((?:[^"\\\n]|\\.)*)"/g)].map(([, part]) => part).join(""),
    )
    .map((text) => text.replaceAll('\\"', '"').replaceAll("%s", "{…}").replaceAll("%d", "{…}"))
    .filter((text) => /^[A-Z{].* .*[a-z]{2}/.test(text) && !/[<=]|\bselect\b|\\n/.test(text));
}

/** "web/kit/item", "app/booking". */
function roomOf(path: string): string {
  const folders = path
    .replace(/^\.\//, "web/")
    .replace("../../", "")
    .replace("src/main/java/gerula/", "")
    .replace(/^(app|core)\/\1\//, "$1/");
  return folders.slice(0, folders.lastIndexOf("/"));
}

/** Everything the product says to people: screens first, then what the application answers. */
export function allTexts(): Text[] {
  const said = [
    ...Object.entries(SCREENS).flatMap(([path, source]) =>
      textsOf(path, source).map((text) => ({ room: roomOf(path), text })),
    ),
    ...Object.entries(MESSAGES).flatMap(([path, source]) =>
      messagesOf(source).map((text) => ({ room: roomOf(path), text })),
    ),
  ];
  const seen = new Set<string>();
  return said
    .map(({ room, text }) => ({ room, text: text.replace(/\s+/g, " ").trim() }))
    .filter(({ room, text }) => {
      const key = `${room}\n${text}`;
      return seen.has(key) ? false : seen.add(key);
    });
}

/** As a page to be read in one go. */
export function asPage(texts: Text[]): string {
  const rooms = new Map<string, string[]>();
  for (const { room, text } of texts) rooms.set(room, [...(rooms.get(room) ?? []), text]);
  return [
    "# All texts",
    "",
    "Everything the program says, by room, to be read in one go; `npm run texts` in web writes this page. {…} stands for a name or a figure. Which words are used for what is said in [words.md](words.md).",
    ...[...rooms].flatMap(([room, said]) => [
      "",
      `## ${room}`,
      "",
      ...said.map((text) => `- ${text}`),
    ]),
    "",
  ].join("\n");
}
