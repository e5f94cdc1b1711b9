/** Something that was done, or was not, told in a sentence at the foot of the page. */
export type Notice = {
  id: string;
  text: string;
  tone: "done" | "refused";
  /** What was to be done, where that can be told: tried anew, it is the same again. */
  about?: string | undefined;
  again?: (() => void) | undefined;
  undo?: (() => void) | undefined;
};

/**
 * A refusal stays until it is read, with what would send it again; of what went well only the newest
 * is told. The same act told again, or the same thing tried anew as from a form that was mended,
 * takes the place of what was told of it before.
 */
export function queued(before: Notice[], notice: Notice): Notice[] {
  const isSame = (one: Notice) =>
    one.id === notice.id || (one.about !== undefined && one.about === notice.about);
  const others = before.filter((one) => !isSame(one));
  return [...others.filter((one) => one.tone === "refused"), notice];
}
