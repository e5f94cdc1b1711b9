import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useSyncExternalStore } from "react";
import { Button } from "../ui/Button";

/**
 * Says that something on the page could not be asked for again: what is shown is as it was known
 * last. Whatever is typed meanwhile stays.
 */
export function StaleLine() {
  const client = useQueryClient();
  const subscribe = useCallback(
    (listener: () => void) => client.getQueryCache().subscribe(listener),
    [client],
  );
  const why = useSyncExternalStore(subscribe, () => {
    const stale = client
      .getQueryCache()
      .getAll()
      .find((one) => one.isActive() && one.state.error && one.state.data !== undefined);
    return stale?.state.error?.message ?? null;
  });
  if (why === null) return null;
  return (
    <p role="status" className="mb-4 flex flex-wrap items-center gap-3 border-stop border-l-4 pl-3">
      What is shown may be out of date. {why}
      <Button onClick={() => void client.refetchQueries({ type: "active" })}>Retry</Button>
    </p>
  );
}
