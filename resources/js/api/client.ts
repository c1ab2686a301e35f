import type { HttpMethod, PathsWithMethod, RequestBodyJSON, SuccessResponseJSON } from 'openapi-typescript-helpers';
import { askPasswordAgain } from './passwordAgain';
import type { paths } from './schema';
import type { Problem } from './types';

type Operation<P extends keyof paths, M extends HttpMethod> = Extract<paths[P][M & keyof paths[P]], Record<string, unknown>>;
type Part<O, K extends string> = O extends { parameters: { [k in K]: infer X } } ? X : never;
type Needed<K extends string, X> = [X] extends [never] ? unknown : { [k in K]: X };
/** What the contract asks of a request: the names in its path, and a body where it has one. */
type Sent<O> = Needed<'path', Part<O, 'path'>> &
  Needed<'body', RequestBodyJSON<O>> & { query?: O extends { parameters: { query?: infer Q } } ? Q : never; prefer?: 'return=minimal' };
/** What the contract says it is answered. */
type Answered<O extends Record<string, unknown>> = SuccessResponseJSON<O>;
type Arguments<O> = { [k in never]: never } extends Sent<O> ? [sent?: Sent<O>] : [sent: Sent<O>];

/** The server answered, and the answer is no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.message);
  }

  /** The message for one field of a form. */
  field(name: string): string | undefined {
    return this.problem.fields?.[name]?.[0];
  }
}

/** No answer of ours came: no network, the server is not there or takes too long, or something else answers in its place. */
export class Unreachable extends Error {}

/** Part of a picture that is on its way, 0–1. */
export type Progress = (part: number) => void;

/** A mark or a read is small: a server that has not answered by then is as good as away. */
const ANSWER_MS = 15_000;
/** A picture over a slow network. */
const PICTURE_MS = 120_000;

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
type Lower = Lowercase<Method>;
/** The same for filling in, whatever the path. */
interface Loose {
  path?: Record<string, unknown>;
  query?: Record<string, unknown>;
  body?: unknown;
  prefer?: string;
}

/** The address of a request: names filled in, and what is asked behind the question mark. */
function addressOf(path: string, names: Record<string, unknown> = {}, query: Record<string, unknown> = {}): string {
  const asked = Object.entries(query).flatMap(([name, value]) => (value == null ? [] : [[name, String(value)]]));
  const filled = path.replace('/api/', '').replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(names[name])));
  return asked.length ? `${filled}?${new URLSearchParams(asked)}` : filled;
}

function xsrfToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/** By the older way of asking: `fetch` does not say how much of a picture has gone. */
function sendPicture(path: string, form: FormData, progress: Progress): Promise<Response> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    const lost = (): void => reject(new Unreachable('No answer from the server.'));
    request.open('POST', `/api/${path}`);
    request.setRequestHeader('Accept', 'application/json');
    request.setRequestHeader('Accept-Language', document.documentElement.lang);
    request.setRequestHeader('X-XSRF-TOKEN', xsrfToken());
    request.timeout = PICTURE_MS;
    request.upload.onprogress = (event) => event.lengthComputable && progress(event.loaded / event.total);
    request.onload = () => resolve(new Response(request.responseText, { status: request.status }));
    request.onerror = request.ontimeout = request.onabort = lost;
    request.send(form);
  });
}

let signIns = 0;

/** Somebody signed in: what was asked before and is answered from now on says nothing of them. */
export function signedIn(): void {
  signIns += 1;
}

async function ofThisSignIn(answer: Promise<Response>): Promise<Response> {
  const asked = signIns;
  const response = await answer;
  if (response.status === 401 && asked !== signIns) {
    throw new Unreachable('Asked before somebody signed in.');
  }
  return response;
}

const send = (...what: Parameters<typeof fetchAnswer>): Promise<Response> => ofThisSignIn(fetchAnswer(...what));

async function fetchAnswer(method: Method, path: string, body?: unknown, more: Record<string, string> = {}): Promise<Response> {
  try {
    return await fetch(`/api/${path}`, {
      method,
      headers: {
        Accept: 'application/json',
        'Accept-Language': document.documentElement.lang,
        ...more,
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': xsrfToken() }),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
      signal: AbortSignal.timeout(ANSWER_MS),
    });
  } catch (failure) {
    throw new Unreachable('No answer from the server.', { cause: failure });
  }
}

/** Asks whether something changed since the answer that a tag names; null: it did not. */
export async function ifChanged<P extends PathsWithMethod<paths, 'get'>>(
  path: P,
  tag: string | null,
  ...[sent]: Arguments<Operation<P, 'get'>>
): Promise<{ tag: string | null; answer: Answered<Operation<P, 'get'>> } | null> {
  const { path: names, query } = (sent ?? {}) as Loose;
  const response = await send('GET', addressOf(path, names, query), undefined, tag === null ? {} : { 'If-None-Match': tag });
  return response.status === 304 ? null : { tag: response.headers.get('ETag'), answer: await read(response) };
}

/** The token ages with the session. A read makes a new one; the same request is then safe to send again. */
async function withAToken(ask: () => Promise<Response>): Promise<Response> {
  const response = await ask();
  if (response.status !== 419) {
    return response;
  }
  await send('GET', 'session');
  return ask();
}

/** What changes or takes out the house's own asks for the password again: once it is given, the same request is sent anew. */
async function withPassword(ask: () => Promise<Response>): Promise<Response> {
  const response = await ask();
  return response.status === 423 && (await askPasswordAgain()) ? ask() : response;
}

/** A request of the contract: its path as `openapi.yaml` writes it, and what goes with it. */
export async function api<M extends Lower, P extends PathsWithMethod<paths, M>>(
  method: M,
  path: P,
  ...[sent]: Arguments<Operation<P, M>>
): Promise<Answered<Operation<P, M>>> {
  const { path: names, query, body, prefer } = (sent ?? {}) as Loose;
  return at(method.toUpperCase() as Uppercase<M>, addressOf(path, names, query), body, prefer ? { Prefer: prefer } : {});
}

/** At an address that the server signed, as it stands. */
export async function at<T>(method: Method, address: string, body?: unknown, more: Record<string, string> = {}): Promise<T> {
  const response = await withPassword(() => withAToken(() => send(method, address, body, more)));
  return response.status === 204 ? (undefined as T) : read<T>(response);
}

export async function upload<T>(path: string, form: FormData, progress: Progress): Promise<T> {
  return read<T>(await withAToken(() => ofThisSignIn(sendPicture(path, form, progress))));
}

/** A hotel's sign-in page or a proxy's error is no answer of the salon's server, whatever its status says. */
function isProblem(answer: unknown): answer is Problem {
  const said = answer as Partial<Problem> | null;
  return typeof said?.code === 'string' && typeof said.message === 'string';
}

async function read<T>(response: Response): Promise<T> {
  let answer: unknown;
  try {
    answer = await response.json();
  } catch (failure) {
    throw new Unreachable('No answer from the server.', { cause: failure });
  }
  if (!response.ok) {
    throw isProblem(answer) ? new Refused(response.status, answer) : new Unreachable('No answer from the server.');
  }
  return answer as T;
}
