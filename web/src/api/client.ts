import type { components } from "./types";

export type Schemas = components["schemas"];
export type Item = Schemas["ItemView"];
/** As much of an item as it takes to draw and to name it. */
export type Drawn = Schemas["DrawnItem"];
/** As much of an item as its marks, its swatch and its level are drawn from. */
export type Marked = Pick<Item, "marks">;
export type Painted = {
  product: Pick<Item["product"], "colour" | "depth" | "shades"> & {
    measures: Pick<Item["product"]["measures"], "outline">;
  };
};
export type Measured = Pick<Item, "left" | "size"> & { product: Pick<Item["product"], "unit"> };
export type Place = Schemas["PlaceView"];
export type Booking = Schemas["BookingView"];
export type Face = Schemas["FaceView"];
export type Line = Schemas["LineView"];
export type Tray = Schemas["Tray"];
export type OpenPlace = Schemas["OpenPlace"];

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
    return this.status === 0 || this.status === 429 || this.status >= 502;
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

type Body = { type: string; content: BodyInit } | null;

async function send(
  method: string,
  path: string,
  body: Body,
  { signal, keepalive = false }: { signal?: AbortSignal; keepalive?: boolean } = {},
): Promise<Response> {
  const headers: Record<string, string> = { Accept: "application/json, */*" };
  if (method !== "GET") {
    headers["X-XSRF-TOKEN"] = csrfToken();
  }
  if (body) {
    headers["Content-Type"] = body.type;
  }
  try {
    return await fetch(path, {
      method,
      headers,
      ...(body ? { body: body.content } : {}),
      ...(signal ? { signal } : {}),
      keepalive,
    });
  } catch (thrown) {
    if (signal?.aborted) throw stopped();
    if (!(thrown instanceof TypeError)) throw thrown;
    throw new Problem(
      0,
      "no-signal",
      method === "GET"
        ? "No answer. Check the connection and try again."
        : "No answer. What you did is kept here; try again.",
    );
  }
}

/** It may have ended in the very moment it was stopped. */
function stopped(): Problem {
  return new Problem(0, "stopped", "Stopped. Either all rows were added or none: check the kit.");
}

async function problem(response: Response): Promise<Problem> {
  const told = await response.json().catch(() => ({}));
  if (response.status === 401 && told.code === "not-signed-in") {
    onSignedOut();
  }
  return problemOf(response.status, told);
}

function problemOf(status: number, told: Record<string, unknown>): Problem {
  return new Problem(
    status,
    String(told.code ?? "unforeseen"),
    String(told.detail ?? "Something went wrong. Check whether it was done before you try again."),
    (told.errors as Fault[] | undefined) ?? [],
    told.current ?? null,
  );
}

async function answer<T>(response: Response): Promise<T> {
  if (!response.ok) {
    throw await problem(response);
  }
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** Asks the API; refusals are thrown as a Problem. */
export async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const json = { type: "application/json", content: JSON.stringify(body) };
  return answer(await send(method, path, body === undefined ? null : json));
}

/** Sends a file as it is. */
export async function askFile<T>(
  method: string,
  path: string,
  file: Blob,
  type: string = file.type,
): Promise<T> {
  return answer(await send(method, path, { type, content: file }));
}

/** What came of an act, and which kinds of things it changed; null when the answer does not say. */
export type Done<T> = { answer: T; touched: string[] | null };

/** Browsers keep a request alive beyond its page only up to 64 kB, all of them together. */
const KEPT_ALIVE = 16_000;

/** Has something done. */
export async function order<T>(method: string, path: string, body: object): Promise<Done<T>> {
  const content = JSON.stringify(body);
  // Done even when the page is closed or left in the moment after the tap.
  const keepalive = content.length < KEPT_ALIVE;
  return done(await send(method, path, { type: "application/json", content }, { keepalive }));
}

/** Has something done with a file, sent as it is. */
export async function orderWithFile<T>(method: string, path: string, file: Blob): Promise<Done<T>> {
  return done(await send(method, path, { type: file.type, content: file }));
}

async function done<T>(response: Response): Promise<Done<T>> {
  const touched = response.headers.get("Gerula-Touched");
  return {
    answer: await answer<T>(response),
    touched: touched === null ? null : touched.split(",").filter(Boolean),
  };
}

/** Asks for a file. */
export async function fetchFile(method: string, path: string, body?: unknown): Promise<Blob> {
  const json = { type: "application/json", content: JSON.stringify(body) };
  const response = await send(method, path, body === undefined ? null : json);
  if (!response.ok) throw await problem(response);
  return response.blob();
}

type ProgressLine<T> = {
  done?: number;
  all?: number;
  result?: T;
  problem?: Record<string, unknown>;
};

/** Sends a file for long work and hears line by line how far it is; aborting the signal stops it. */
export async function askLong<T>(
  path: string,
  file: Blob,
  type: string,
  onProgress: (done: number, all: number) => void,
  signal: AbortSignal,
): Promise<T> {
  const response = await send("POST", path, { type, content: file }, { signal });
  if (!response.ok || !response.body) throw await problem(response);
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { done, value } = await reader.read().catch(() => ({ done: true, value: undefined }));
    rest += value ?? "";
    const lines = rest.split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines.filter(Boolean)) {
      const told = JSON.parse(line) as ProgressLine<T>;
      if (told.all !== undefined) onProgress(told.done ?? 0, told.all);
      if (told.problem) throw problemOf(Number(told.problem.status), told.problem);
      if (told.result !== undefined) return told.result;
    }
    if (done) {
      throw signal.aborted
        ? stopped()
        : new Problem(0, "no-signal", "The answer broke off. Try again; nothing is done twice.");
    }
  }
}
