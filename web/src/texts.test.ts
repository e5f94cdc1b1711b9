import { describe, expect, test } from "vitest";
import { allTexts, asPage } from "./texts";

const WORDS = import.meta.glob<string>("../../docs/words.md", {
  query: "?raw",
  import: "default",
  eager: true,
});

/** What docs/words.md lists as found nowhere in the interface, each as it would stand there. */
function unwanted(): string[] {
  const page = Object.values(WORDS)[0] ?? "";
  const [, list = ""] = page.split("## Not in any text");
  return [...list.matchAll(/^- (.+)$/gm)].map(([, phrase = ""]) => phrase);
}

describe("all texts", () => {
  const texts = allTexts();

  test("stand in docs/texts.md as they are, to be read in one go", async () => {
    expect(texts.length).toBeGreaterThan(900);
    const rooms = new Set(texts.map(({ room }) => room));
    expect([...rooms]).toEqual(expect.arrayContaining(["web/kit/item", "app/kit/place"]));
    await expect(asPage(texts)).toMatchFileSnapshot("../../docs/texts.md");
  });

  test("keep to docs/words.md", () => {
    const phrases = unwanted();
    expect(phrases.length).toBeGreaterThan(30);
    const found = texts.flatMap(({ room, text }) =>
      phrases
        .filter((phrase) => new RegExp(`(?<![\\w-])${phrase}(?![\\w-])`, "i").test(text))
        .map((phrase) => `${room}: “${text}” says “${phrase}”`),
    );
    expect(found).toEqual([]);
  });
});
