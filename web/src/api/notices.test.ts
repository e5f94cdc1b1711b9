import { describe, expect, it } from "vitest";
import { type Notice, queued } from "./notices";

const done = (id: string): Notice => ({ id, text: `Done ${id}.`, tone: "done" });
const refused = (id: string): Notice => ({ id, text: `Not done ${id}.`, tone: "refused" });

describe("the queue of messages", () => {
  it("tells only the newest of what went well", () => {
    expect(queued([done("a")], done("b")).map((one) => one.id)).toEqual(["b"]);
  });

  it("keeps a refusal until it is read", () => {
    const after = queued(queued(queued([], refused("a")), done("b")), done("c"));
    expect(after.map((one) => one.id)).toEqual(["a", "c"]);
  });

  it("forgets a refusal once the same thing was done after all", () => {
    const about = "/api/bookings Added Harbour wedding.";
    const first = { ...refused("a"), about };
    const second = queued([first, refused("b")], { ...refused("c"), about });
    expect(second.map((one) => one.id)).toEqual(["b", "c"]);
    expect(queued(second, { ...done("d"), about }).map((one) => one.id)).toEqual(["b", "d"]);
  });

  it("has the same act take the place of what was told of it before", () => {
    const again = queued([refused("a"), refused("b")], done("a"));
    expect(again.map((one) => `${one.id} ${one.tone}`)).toEqual(["b refused", "a done"]);
  });
});
