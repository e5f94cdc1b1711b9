import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import { ask, Problem } from "../api/client";
import { sessionKey } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { fieldsOf, neededWord, useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { ownDateOrder, ownZone } from "./TimeZone";

const NAMES = z.object({
  email: neededWord("Write your e-mail address."),
  passphrase: neededWord("Write your passphrase."),
});

/** The door: sign in, or create an account. */
export function SignIn() {
  const [isNew, setIsNew] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const queries = useQueryClient();
  const form = useTyped(NAMES, { email: "", passphrase: "" });
  const field = fieldsOf(form);
  const submit = form.handleSubmit(async (names) => {
    setRefused(null);
    try {
      await (isNew
        ? ask("POST", "/api/accounts", { ...names, zone: ownZone(), dateOrder: ownDateOrder() })
        : ask("POST", "/api/session", names));
      await queries.invalidateQueries({ queryKey: sessionKey });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      showFaults(thrown, form.setError);
      if (thrown.faults.length === 0) setRefused(thrown.message);
    }
  });
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col justify-center gap-6 p-6">
      <p className="font-bold font-voice text-2xl">Gerula</p>
      <Sentence>
        Where every piece of your kit is, what the next job needs of it, and how it all gets home.
      </Sentence>
      <form onSubmit={submit} className="flex max-w-sm flex-col gap-4" noValidate>
        <TextField label="E-mail" type="email" autoComplete="username" {...field("email")} />
        <TextField
          label="Passphrase"
          {...(isNew ? { hint: "12 characters or more, several words" } : {})}
          type="password"
          autoComplete={isNew ? "new-password" : "current-password"}
          {...field("passphrase")}
        />
        {refused && (
          <p role="alert" className="text-stop">
            {refused}
          </p>
        )}
        <Button kind="solid" size="thumb" type="submit" disabled={form.formState.isSubmitting}>
          {isNew ? "Create account" : "Sign in"}
        </Button>
        <Button kind="bare" onClick={() => setIsNew(!isNew)}>
          {isNew ? "I have an account: sign in" : "Create an account"}
        </Button>
      </form>
    </main>
  );
}
