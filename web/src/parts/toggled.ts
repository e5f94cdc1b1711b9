/** The same choice, with one more in it, or one less that was in it. */
export function toggled(chosen: ReadonlySet<string>, id: string): Set<string> {
  const next = new Set(chosen);
  if (!next.delete(id)) next.add(id);
  return next;
}
