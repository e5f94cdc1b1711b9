import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import { ask, Problem, type Schemas } from "../api/client";
import { useSession, useZone } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { fieldsOf, neededWord, useTyped } from "../parts/typed";
import { Button, buttonLook } from "../ui/Button";
import { TextField } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { Without } from "../ui/Without";
import { count } from "../words/codes";
import { moment } from "../words/dates";
import { TimeZone } from "./TimeZone";

type OpenSession = Schemas["OpenSession"];

/** One's own account: passphrase, where one is signed in, leaving. */
export function AccountView() {
  const email = useSession().data?.email;
  const sessions = useQuery({
    queryKey: ["open-sessions"],
    queryFn: () => ask<OpenSession[]>("GET", "/api/account/sessions"),
  });
  if (!sessions.data) return <Without query={sessions} waiting="Opening the account…" />;
  const others = sessions.data.length - 1;
  return (
    <div className="flex max-w-3xl flex-col gap-8">
      <Sentence>
        You are signed in as {email}
        {others > 0
          ? `, here and in ${count(others, "other browser")}.`
          : ", in this browser only."}
      </Sentence>
      <ChangePassphrase />
      <Browsers sessions={sessions.data} />
      <Part title="Time and dates">
        <TimeZone />
      </Part>
      <Leave />
    </div>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="flex flex-col gap-3">
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      {children}
    </section>
  );
}

const PASSPHRASES = z.object({
  present: neededWord("Write the one you sign in with."),
  fresh: neededWord("Write the new one."),
});

function ChangePassphrase() {
  const queries = useQueryClient();
  const form = useTyped(PASSPHRASES, { present: "", fresh: "" });
  const { handleSubmit, setError, reset } = form;
  const field = fieldsOf(form);
  const [isChanged, setChanged] = useState(false);
  const save = handleSubmit(async (both) => {
    setChanged(false);
    try {
      await ask("PUT", "/api/account/passphrase", both);
      reset();
      setChanged(true);
      await queries.invalidateQueries({ queryKey: ["open-sessions"] });
    } catch (thrown) {
      refuse(thrown, (problem) => {
        showFaults(problem, setError);
        if (problem.faults.length === 0) setError("present", { message: problem.message });
      });
    }
  });
  return (
    <Part title="Passphrase">
      <form onSubmit={save} className="flex max-w-sm flex-col gap-3" noValidate>
        <TextField
          label="Current passphrase"
          type="password"
          autoComplete="current-password"
          {...field("present")}
        />
        <TextField
          label="New passphrase"
          hint="12 characters or more, several words"
          type="password"
          autoComplete="new-password"
          {...field("fresh")}
        />
        <Button type="submit" disabled={form.formState.isSubmitting} className="self-start">
          Change passphrase
        </Button>
        {isChanged && (
          <p role="status">Changed the passphrase. All other browsers are signed out.</p>
        )}
      </form>
    </Part>
  );
}

function Browsers({ sessions }: { sessions: OpenSession[] }) {
  const queries = useQueryClient();
  const zone = useZone();
  const [trouble, setTrouble] = useState<string | null>(null);
  const end = async (path: string) => {
    setTrouble(null);
    try {
      await ask("DELETE", path);
      await queries.invalidateQueries({ queryKey: ["open-sessions"] });
    } catch (thrown) {
      refuse(thrown, ({ message }) => setTrouble(message));
    }
  };
  return (
    <Part title="Where you are signed in">
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      <ul>
        {sessions.map((one) => (
          <li
            key={one.id}
            className="flex min-h-12 items-center justify-between gap-4 border-hair border-b py-1"
          >
            <span>
              <span title={one.browser}>{device(one.browser)}</span>
              {one.isThis && <b>, this one</b>}
              <span className="block text-soft text-sm">
                signed in {moment(one.signedInAt, zone)}, last used {moment(one.lastSeenAt, zone)}
              </span>
            </span>
            {!one.isThis && (
              <Button
                className="whitespace-nowrap"
                onClick={() => void end(`/api/account/sessions/${one.id}`)}
              >
                Sign out
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 2 && (
        <Button className="self-start" onClick={() => void end("/api/account/sessions")}>
          Sign out everywhere else
        </Button>
      )}
    </Part>
  );
}

/** What a browser calls itself is long and says little: what counts is which device it is on. */
function device(browser: string): string {
  return /mobi/i.test(browser) ? "A phone" : "A computer";
}

const PROOF = z.object({ passphrase: neededWord("Write your passphrase.") });

/** Everything is offered for export before it is deleted for good. */
function Leave() {
  const queries = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  const form = useTyped(PROOF, { passphrase: "" });
  const { handleSubmit, setError, formState } = form;
  const leave = handleSubmit(async (proof) => {
    try {
      await ask("POST", "/api/account/delete", proof);
      queries.clear();
      location.assign("/");
    } catch (thrown) {
      refuse(thrown, ({ message }) => setError("passphrase", { message }));
    }
  });
  return (
    <Part title="Delete the account">
      <p>
        The account, the kit, bookings, people, pictures and history are deleted for good. Nobody
        can bring them back. Export everything first: the file can be imported into a new account.
      </p>
      <div className="flex flex-wrap gap-2">
        <a href="/api/workspace/archive" download className={buttonLook()}>
          Export everything
        </a>
        {!isAsking && (
          <Button kind="stop" onClick={() => setAsking(true)}>
            Delete the account…
          </Button>
        )}
      </div>
      {isAsking && (
        <form onSubmit={leave} className="flex max-w-sm flex-col gap-3" noValidate>
          <TextField
            label="Passphrase"
            hint="to be sure it is you"
            type="password"
            autoComplete="current-password"
            {...fieldsOf(form)("passphrase")}
          />
          <div className="flex gap-2">
            <Button kind="stop" type="submit" disabled={formState.isSubmitting}>
              Delete everything for good
            </Button>
            <Button kind="bare" onClick={() => setAsking(false)}>
              Cancel
            </Button>
          </div>
        </form>
      )}
    </Part>
  );
}

function refuse(thrown: unknown, tell: (problem: Problem) => void) {
  if (!(thrown instanceof Problem)) throw thrown;
  tell(thrown);
}
