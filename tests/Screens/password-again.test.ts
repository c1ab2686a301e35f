import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Refused } from '@/api/client';
import { download } from '@/api/download';
import { passwordWanted } from '@/api/passwordAgain';
import { fakeServer, type Sent } from './server';

/** A server that asks for the password until it was given. */
function server() {
  const state = { given: false };
  const guarded = (): { status: number; json?: unknown } =>
    state.given ? { status: 204 } : { status: 423, json: { code: 'password_again', message: 'Your password, once more.' } };
  const { sent } = fakeServer({ 'GET session/password-again': guarded, 'DELETE clients/C': guarded, 'PUT retention': guarded });
  return { state, sent, paths: () => sent.map((one: Sent) => `${one.method} ${one.path}`) };
}
const forget = () => api('delete', '/api/clients/{client}', { path: { client: 'C' }, body: { why: 'asked' } } as never);

describe('what asks for the password again', () => {
  beforeEach(() => void (passwordWanted.value = null));
  afterEach(() => vi.unstubAllGlobals());

  it('is sent anew once it was given, as it was', async () => {
    const { state, sent } = server();
    const done = forget();
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    state.given = true;
    passwordWanted.value!(true);
    await expect(done).resolves.toBeUndefined();
    expect(sent.map((one) => [one.method, one.body])).toEqual([
      ['DELETE', { why: 'asked' }],
      ['DELETE', { why: 'asked' }],
    ]);
    expect(passwordWanted.value).toBeNull();
  });

  it('is refused in words where somebody leaves it, and asked for anew the next time', async () => {
    const { paths } = server();
    const left = forget();
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    passwordWanted.value!(false);
    await expect(left).rejects.toThrow(new Refused(423, { code: 'password_again', message: 'Your password, once more.' }));
    expect(paths()).toEqual(['DELETE clients/C']);

    const again = forget();
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    passwordWanted.value!(false);
    await expect(again).rejects.toThrow(Refused);
  });

  it('asks once for all that wait for it', async () => {
    const { state, paths } = server();
    const all = Promise.all([forget(), forget()]);
    await vi.waitFor(() => expect(paths()).toHaveLength(2));
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    await Promise.resolve();
    state.given = true;
    passwordWanted.value!(true);
    await all;
    expect(paths()).toHaveLength(4);
  });

  it('comes before a file, which the browser fetches only then', async () => {
    const clicked: string[] = [];
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      clicked.push(this.getAttribute('href')!);
    });
    const { state } = server();
    const left = download('/api/exports/tables');
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    passwordWanted.value!(false);
    await left;
    expect(clicked).toEqual([]);

    const fetched = download('/api/exports/tables');
    await vi.waitFor(() => expect(passwordWanted.value).not.toBeNull());
    state.given = true;
    passwordWanted.value!(true);
    await fetched;
    expect(clicked).toEqual(['/api/exports/tables']);
  });
});
