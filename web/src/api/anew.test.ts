import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { askAnew } from "./anew";

test("what was asked for the first time before an act is asked once more after it", async () => {
  const queries = new QueryClient();
  let stored = "before";
  const answers: (() => void)[] = [];
  const observer = new QueryObserver(queries, {
    queryKey: ["plan"],
    queryFn: () => {
      const read = stored;
      return new Promise<string>((resolve) => answers.push(() => resolve(read)));
    },
  });
  const stop = observer.subscribe(() => {});
  stored = "after";
  const asked = askAnew(queries, () => true);
  await new Promise((later) => setTimeout(later));
  for (const answer of answers) answer();
  await asked;
  expect(answers).toHaveLength(2);
  expect(observer.getCurrentResult().data).toBe("after");
  stop();
});
