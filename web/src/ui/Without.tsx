import { Button } from "./Button";

type Asked = { error: Error | null; isFetching: boolean; refetch: () => unknown };

/** What stands in a view's place as long as nothing is known of what it shows. */
export function Without({ query, waiting }: { query: Asked; waiting: string }) {
  if (!query.error) return <p className="text-soft">{waiting}</p>;
  return (
    <div role="alert" className="flex flex-col items-start gap-3">
      <h1 className="max-w-[44ch] text-lg">{query.error.message}</h1>
      <Button disabled={query.isFetching} onClick={() => void query.refetch()}>
        Retry
      </Button>
    </div>
  );
}
