import { type Query, type QueryClient, useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { askAnew } from "./anew";
import { type Done, order, orderWithFile, Problem } from "./client";
import { mayHaveChanged } from "./follows";
import { type Notice, queued } from "./notices";

export type Act<T> = {
  /** Its id, for who wants to undo it past its message. */
  id?: string;
  method?: "POST" | "PUT" | "DELETE";
  path: string;
  body?: object;
  /** What will have happened, as a sentence. Without it nothing is told. */
  done?: string | ((answer: T) => string) | undefined;
  /** Acts that cannot be undone from the message say so. */
  undoable?: boolean;
  /** What is known under this key is gone once it is done, and is not asked for again. */
  gone?: string[];
  /** The answer is what is known under this key from now on: the next act builds on it. */
  becomes?: string[];
};

type Acts = {
  perform: <T>(act: Act<T>) => Promise<T>;
  /** The same with a file as its body. */
  send: <T>(act: Act<T>, file: Blob) => Promise<T>;
  /** Undoes an act that was done before. */
  undo: (done: string) => void;
  /** What was told and is not dismissed yet, the oldest first. */
  notices: Notice[];
  dismiss: (id: string) => void;
};

const ActsContext = createContext<Acts | null>(null);

/** Does things: each act has an id of its own, so that sending it again changes nothing. */
export function ActsProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const [notices, setNotices] = useState<Notice[]>([]);
  const tell = useCallback((notice: Notice) => {
    setNotices((before) => queued(before, notice));
  }, []);
  const dismiss = useCallback((id: string) => {
    setNotices((before) => before.filter((one) => one.id !== id));
  }, []);

  const undo = useCallback(
    async (done: string, actId: string) => {
      let touched: string[] | null = null;
      try {
        ({ touched } = await order("POST", `/api/ledger/${done}/undo`, { actId }));
        tell({ id: actId, text: "Undone.", tone: "done" });
      } catch (thrown) {
        tell(refusal(thrown, actId, () => undo(done, actId)));
      }
      await askAnew(queries, (query) => mayHaveChanged(query.queryKey, touched));
    },
    [queries, tell],
  );

  const doIt = useCallback(
    async <T,>(act: Act<T>, actId: string, how: () => Promise<Done<T>>): Promise<T> => {
      try {
        const { answer, touched } = await how();
        if (act.becomes) queries.setQueryData(act.becomes, answer);
        const text = typeof act.done === "function" ? act.done(answer) : act.done;
        if (text) {
          const undoIt = () => void undo(actId, crypto.randomUUID());
          tell({
            id: actId,
            text,
            tone: "done",
            about: about(act),
            undo: act.undoable === false ? undefined : undoIt,
          });
        }
        const gone = act.gone ? forget(queries, act.gone) : null;
        await askAnew(
          queries,
          (query) => query !== gone && mayHaveChanged(query.queryKey, touched),
        );
        return answer;
      } catch (thrown) {
        const what = typeof act.done === "string" ? act.done : "";
        tell({
          ...refusal(thrown, actId, () => doIt(act, actId, how).catch(() => {}), what),
          about: about(act),
        });
        throw thrown;
      }
    },
    [queries, tell, undo],
  );

  const perform = useCallback(
    <T,>(act: Act<T>): Promise<T> => {
      const actId = act.id ?? crypto.randomUUID();
      return doIt(act, actId, () =>
        order<T>(act.method ?? "POST", act.path, { ...act.body, actId }),
      );
    },
    [doIt],
  );

  const send = useCallback(
    <T,>(act: Act<T>, file: Blob): Promise<T> => {
      const actId = crypto.randomUUID();
      const path = `${act.path}${act.path.includes("?") ? "&" : "?"}actId=${actId}`;
      return doIt(act, actId, () => orderWithFile<T>(act.method ?? "POST", path, file));
    },
    [doIt],
  );

  const value = useMemo(
    () => ({
      perform,
      send,
      undo: (done: string) => void undo(done, crypto.randomUUID()),
      notices,
      dismiss,
    }),
    [perform, send, undo, notices, dismiss],
  );
  return <ActsContext value={value}>{children}</ActsContext>;
}

/**
 * What is known under a key is dropped, as soon as nobody looks at it any more: the view that showed
 * it may still be there until the next one has been fetched, and would ask in vain.
 */
function forget(queries: QueryClient, queryKey: string[]): Query | null {
  const cache = queries.getQueryCache();
  const gone = cache.find({ queryKey }) ?? null;
  if (!gone) return null;
  if (gone.getObserversCount() === 0) {
    cache.remove(gone);
    return gone;
  }
  const stop = cache.subscribe((event) => {
    if (event.query === gone && gone.getObserversCount() === 0) {
      stop();
      cache.remove(gone);
    }
  });
  return gone;
}

/** Where it goes and what it would do. */
function about<T>({ path, done }: Act<T>): string | undefined {
  return typeof done === "string" ? `${path} ${done}` : undefined;
}

/**
 * @param what would have been told if it had been done, to say which of several it was
 */
function refusal(thrown: unknown, id: string, again: () => void, what = ""): Notice {
  const problem = thrown instanceof Problem ? thrown : null;
  const why =
    problem?.message ?? "Something went wrong. Check whether it was done before you try again.";
  return {
    id,
    tone: "refused",
    text: what ? `Not done: ${what} ${why}` : why,
    again: problem?.mayRetry ? again : undefined,
  };
}

export function useActs(): Acts {
  const acts = useContext(ActsContext);
  if (!acts) {
    throw new Error("Acts are done inside the frame.");
  }
  return acts;
}
