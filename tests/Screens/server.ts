import { vi } from 'vitest';

export interface Sent {
  method: string;
  path: string;
  /** What the request would rather be answered. */
  prefer: string | undefined;
  body: { marks?: { id: string; kind: string; payload: Record<string, unknown> }[] } | null;
}

/** Stands in for the server: answers by address, remembers what was sent, and can be out of reach. */
export function fakeServer(answers: Record<string, (sent: Sent) => { status?: number; json?: unknown }>) {
  const sent: Sent[] = [];
  const state = { reachable: true };
  const answer = vi.fn(async (address: string, init: RequestInit) => {
    if (!state.reachable) {
      throw new TypeError('Failed to fetch');
    }
    const request: Sent = {
      method: String(init.method),
      path: address.replace('/api/', ''),
      prefer: new Headers(init.headers).get('Prefer') ?? undefined,
      body: typeof init.body === 'string' ? JSON.parse(init.body) : null,
    };
    sent.push(request);
    const key = Object.keys(answers).find((path) => `${request.method} ${request.path}`.startsWith(path));
    const { status = 200, json = null } = key
      ? answers[key]!(request)
      : { status: 404, json: { code: 'not_found', message: 'Nothing here.' } };
    return new Response(status === 204 ? null : JSON.stringify(json), { status });
  });
  vi.stubGlobal('fetch', answer);
  vi.stubGlobal('XMLHttpRequest', pictures(answer));
  return { sent, state };
}

/** A picture's way to the same server: half of it, all of it, then the answer. */
function pictures(answer: (address: string, init: RequestInit) => Promise<Response>) {
  return class {
    status = 0;
    responseText = '';
    timeout = 0;
    upload: { onprogress?: (event: { lengthComputable: boolean; loaded: number; total: number }) => void } = {};
    onload?: () => void;
    onerror?: () => void;
    private address = '';
    open(_: string, address: string): void {
      this.address = address;
    }
    setRequestHeader(): void {}
    async send(body: FormData): Promise<void> {
      try {
        this.upload.onprogress?.({ lengthComputable: true, loaded: 1, total: 2 });
        const response = await answer(this.address, { method: 'POST', body });
        this.upload.onprogress?.({ lengthComputable: true, loaded: 2, total: 2 });
        [this.status, this.responseText] = [response.status, await response.text()];
        this.onload?.();
      } catch {
        this.onerror?.();
      }
    }
  };
}

/** Takes every mark it is sent, numbering them on. */
export function takingMarks() {
  let number = 0;
  return (sent: Sent) => {
    const marks = sent.body!.marks!;
    number += marks.length;
    return { json: { number, marks: marks.map((mark) => ({ id: mark.id, outcome: 'taken' })) } };
  };
}
