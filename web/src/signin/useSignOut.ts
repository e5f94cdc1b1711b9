import { useQueryClient } from "@tanstack/react-query";
import { ask } from "../api/client";

export function SignOut() {
  const queries = useQueryClient();
  const signOut = async () => {
    await ask("DELETE", "/api/session");
    queries.clear();
    location.assign("/");
  };
  return (
    <button
      type="button"
      onClick={() => void signOut()}
      className="min-h-11 whitespace-nowrap px-2 text-soft hover:text-ink"
    >
      Sign out
    </button>
  );
}
