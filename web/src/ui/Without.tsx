import { Button } from "./Button";

type Asked = { error: Error | null; isFetching: boolean; refetch: () => unknown };

type WithoutProps = {
  query: Asked;
  waiting: string;
  /** Whether it stands in a part of a view, which has a heading of its own. */
  isPart?: boolean;
};

/** What stands in a view's place as long as nothing is known of what it shows. */
export function Without({ query, waiting, isPart }: WithoutProps) {
  const Words = isPart ? "p" : "h1";
  if (!query.error) return <p className="text-soft">{waiting}</p>;
  return (
    <div role="alert" className="flex flex-col items-start gap-3">
      <Words className="max-w-[44ch] text-lg">{query.error.message}</Words>
      <Button disabled={query.isFetching} onClick={() => void query.refetch()}>
        Retry
      </Button>
    </div>
  );
}
