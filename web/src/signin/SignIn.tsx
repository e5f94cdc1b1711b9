import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { ask, type Problem } from "../api/client";
import { sessionKey } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { ownDateOrder, ownZone } from "./TimeZone";

type Names = { email: string; passphrase: string };

/** The door: sign in, or create an account. */
export function SignIn() {
  const [isNew, setIsNew] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const queries = useQueryClient();
  const { register, handleSubmit, formState } = useForm<Names>();
  const submit = handleSubmit(async (names) => {
    setProblem(null);
    try {
      await (isNew
        ? ask("POST", "/api/accounts", { ...names, zone: ownZone(), dateOrder: ownDateOrder() })
        : ask("POST", "/api/session", names));
      await queries.invalidateQueries({ queryKey: sessionKey });
    } catch (thrown) {
      setProblem(thrown as Problem);
    }
  });
  const faultOf = (path: string) => problem?.faults.find((fault) => fault.path === path)?.message;
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col justify-center gap-6 p-6">
      <p className="font-bold font-voice text-2xl">Gerula</p>
      <Sentence>
        Where every piece of your kit is, what the next job needs of it, and how it all gets home.
      </Sentence>
      <form onSubmit={submit} className="flex max-w-sm flex-col gap-4" noValidate>
        <TextField
          label="E-mail"
          type="email"
          autoComplete="username"
          fault={faultOf("email")}
          {...register("email")}
        />
        <TextField
          label="Passphrase"
          {...(isNew ? { hint: "12 characters or more, several words" } : {})}
          type="password"
          autoComplete={isNew ? "new-password" : "current-password"}
          fault={faultOf("passphrase")}
          {...register("passphrase")}
        />
        {problem && problem.faults.length === 0 && (
          <p role="alert" className="text-stop">
            {problem.message}
          </p>
        )}
        <Button kind="solid" size="thumb" type="submit" disabled={formState.isSubmitting}>
          {isNew ? "Create account" : "Sign in"}
        </Button>
        <Button kind="bare" onClick={() => setIsNew(!isNew)}>
          {isNew ? "I have an account: sign in" : "Create an account"}
        </Button>
      </form>
    </main>
  );
}
