/**
 * What stands so close together on a line that a finger could not tell it apart shares one sign: groups
 * in the order of the line, each beginning at least this far from the beginning of the one before it.
 */
export function gathered<T>(things: T[], at: (thing: T) => number, apart: number): T[][] {
  const groups: { start: number; things: T[] }[] = [];
  for (const thing of things.toSorted((one, other) => at(one) - at(other))) {
    const open = groups.at(-1);
    if (open && at(thing) - open.start < apart) open.things.push(thing);
    else groups.push({ start: at(thing), things: [thing] });
  }
  return groups.map((group) => group.things);
}
