import { useActs } from "../api/acts";
import type { Item } from "../api/client";
import { Button } from "../ui/Button";
import { shortName } from "../words/items";

/** What came of a trial: asked once it is over, or before. */
export function TrialEnd({ item }: { item: Item }) {
  const { perform } = useActs();
  const end = (verdict: "good" | "not-good", done: string) =>
    void perform({ path: `/api/items/${item.id}/trial/end`, body: { verdict }, done }).catch(
      () => {},
    );
  return (
    <>
      <Button
        aria-label={`${shortName(item)} is good`}
        onClick={() => end("good", `${shortName(item)} is good: a favourite from now on.`)}
      >
        It is good
      </Button>
      <Button
        kind="bare"
        aria-label={`${shortName(item)} is not for me`}
        onClick={() => end("not-good", `The trial of ${shortName(item)} is over.`)}
      >
        Not for me
      </Button>
    </>
  );
}
