import { useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { ask, askFile, Problem } from "./api";

/** Something that was done, or was not, told in a sentence at the foot of the page. */
type Notice = {
  id: string;
  text: string;
  tone: "done" | "refused";
  again?: (() => void) | undefined;
  undo?: (() => void) | undefined;
};

export type Act<T> = {
  method?: "POST" | "PUT" | "DELETE";
  path: string;
  body?: object;
  /** What will have happened, as a sentence. Without it nothing is told. */
  done?: string | ((answer: T) => string) | undefined;
  /** Acts that cannot be undone from the message say so. */
  undoable?: boolean;
  /** What is known under this key is gone once it is done, and is not asked for again. */
  gone?: string[];
};

type Acts = {
  perform: <T>(act: Act<T>) => Promise<T>;
  /** The same with a file as its body. */
  send: <T>(act: Act<T>, file: Blob) => Promise<T>;
  /** Undoes an act that was done before. */
  undo: (done: string) => void;
  notice: Notice | null;
  dismiss: () => void;
};

const ActsContext = createContext<Acts | null>(null);

/** Does things: each act has an id of its own, so that sending it again changes nothing. */
export function ActsProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const [notice, setNotice] = useState<Notice | null>(null);

  const undo = useCallback(
    async (done: string, actId: string) => {
      try {
        await ask("POST", `/api/ledger/${done}/undo`, { actId });
        setNotice({ id: actId, text: "Undone.", tone: "done" });
      } catch (thrown) {
        setNotice(refusal(thrown, actId, () => undo(done, actId)));
      }
      await queries.invalidateQueries();
    },
    [queries],
  );

  const doIt = useCallback(
    async <T,>(act: Act<T>, actId: string, how: () => Promise<T>): Promise<T> => {
      try {
        const answer = await how();
        const text = typeof act.done === "function" ? act.done(answer) : act.done;
        if (text) {
          const undoIt = () => void undo(actId, crypto.randomUUID());
          setNotice({
            id: actId,
            text,
            tone: "done",
            undo: act.undoable === false ? undefined : undoIt,
          });
        }
        if (act.gone) {
          queries.removeQueries({ queryKey: act.gone });
        }
        await queries.invalidateQueries();
        return answer;
      } catch (thrown) {
        setNotice(refusal(thrown, actId, () => doIt(act, actId, how).catch(() => {})));
        throw thrown;
      }
    },
    [queries, undo],
  );

  const perform = useCallback(
    <T,>(act: Act<T>): Promise<T> => {
      const actId = crypto.randomUUID();
      return doIt(act, actId, () => ask<T>(act.method ?? "POST", act.path, { ...act.body, actId }));
    },
    [doIt],
  );

  const send = useCallback(
    <T,>(act: Act<T>, file: Blob): Promise<T> => {
      const actId = crypto.randomUUID();
      const path = `${act.path}${act.path.includes("?") ? "&" : "?"}actId=${actId}`;
      return doIt(act, actId, () => askFile<T>(act.method ?? "POST", path, file));
    },
    [doIt],
  );

  const value = useMemo(
    () => ({
      perform,
      send,
      undo: (done: string) => void undo(done, crypto.randomUUID()),
      notice,
      dismiss: () => setNotice(null),
    }),
    [perform, send, undo, notice],
  );
  return <ActsContext value={value}>{children}</ActsContext>;
}

function refusal(thrown: unknown, id: string, again: () => void): Notice {
  const problem = thrown instanceof Problem ? thrown : null;
  return {
    id,
    tone: "refused",
    text:
      problem?.message ?? "Something went wrong. Check whether it was done before you try again.",
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
