import type { components } from "./api-types";

export type Schemas = components["schemas"];
export type Because = Schemas["Because"];
export type Item = Schemas["ItemView"];
export type Place = Schemas["PlaceView"];
export type Booking = Schemas["BookingView"];
export type Face = Schemas["FaceView"];
export type Line = Schemas["LineView"];
export type Tray = Schemas["Tray"];

export type Fault = { path: string; code: string; message: string };

/** What the server refused, or that it could not be reached. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly faults: Fault[] = [],
    readonly current: unknown = null,
  ) {
    super(message);
  }

  /** Whether sending the same again may help: nothing says that it was refused. */
  get mayRetry() {
    return this.status === 0 || this.status >= 502;
  }
}

/** Whoever shows the sign-in wants to know when a session has ended. */
let onSignedOut = () => {};
export function whenSignedOut(listener: () => void) {
  onSignedOut = listener;
}

function csrfToken() {
  const cookie = document.cookie.split("; ").find((one) => one.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

async function send(method: string, path: string, body?: unknown): Promise<Response> {
  const headers: Record<string, string> = { Accept: "application/json" };
  if (method !== "GET") {
    headers["X-XSRF-TOKEN"] = csrfToken();
  }
  if (body !== undefined) {
    headers["Content-Type"] = "application/json";
  }
  try {
    return await fetch(path, {
      method,
      headers,
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
  } catch {
    throw new Problem(0, "no-signal", "No answer. What you did is kept here; try again.");
  }
}

async function problem(response: Response): Promise<Problem> {
  const told = await response.json().catch(() => ({}));
  if (response.status === 401 && told.code === "not-signed-in") {
    onSignedOut();
  }
  return new Problem(
    response.status,
    told.code ?? "unforeseen",
    told.detail ?? "Something went wrong. Nothing was changed; try again.",
    told.errors ?? [],
    told.current ?? null,
  );
}

/** Asks the API; refusals are thrown as a Problem. */
export async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await send(method, path, body);
  if (!response.ok) {
    throw await problem(response);
  }
  return (response.status === 204 ? undefined : await response.json()) as T;
}
