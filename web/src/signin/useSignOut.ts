import { useQueryClient } from "@tanstack/react-query";
import { ask } from "../api/client";

/** Signs out of this browser and forgets what it was told. */
export function useSignOut() {
  const queries = useQueryClient();
  return async () => {
    await ask("DELETE", "/api/session");
    queries.clear();
    location.assign("/");
  };
}
