/** Something that was done, or was not, told in a sentence at the foot of the page. */
export type Notice = {
  id: string;
  text: string;
  tone: "done" | "refused";
  again?: (() => void) | undefined;
  undo?: (() => void) | undefined;
};

/**
 * A refusal stays until it is read, with what would send it again; of what went well only the newest
 * is told. The same act told again takes the place of what was told of it before.
 */
export function queued(before: Notice[], notice: Notice): Notice[] {
  const others = before.filter((one) => one.id !== notice.id);
  return [...others.filter((one) => one.tone === "refused"), notice];
}
