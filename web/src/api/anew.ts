import type { Query, QueryClient } from "@tanstack/react-query";

/**
 * Asks again whatever may have another answer now. What is only just being asked for the first time was
 * asked before the change: its answer would be taken for the new one, so that question is dropped and put
 * once more.
 */
export async function askAnew(
  queries: QueryClient,
  mayHaveChanged: (query: Query) => boolean,
): Promise<void> {
  await queries.cancelQueries({
    predicate: (query) =>
      query.state.data === undefined &&
      query.state.fetchStatus === "fetching" &&
      query.isActive() &&
      mayHaveChanged(query),
  });
  await queries.invalidateQueries({ predicate: mayHaveChanged });
}
