import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, shallowRef } from 'vue';
import type { Visit } from '@/api/types';
import { say } from '@/messages/say';
import { fakeServer, takingMarks } from './server';
import { freshDevice, openAnew } from './setup';

const IMKE = {
  staff: { id: 'I', name: 'Imke', role: 'owner', letterKeys: true },
  salon: { name: 'Kittiwake Lane', timezone: 'UTC', currency: 'EUR' },
};
const OLDER = { id: 'OLD', kind: 'plan_chosen', section: null, by: 'Imke' };

/** Undo on the plan of a visit at which an older choice stands; nothing that is sent is answered for now. */
async function plan(undoable: object[] = [OLDER]) {
  openAnew();
  const server = fakeServer({
    'GET session': () => ({ json: IMKE }),
    'POST visits/V/marks': takingMarks(),
  });
  await (await import('@/device/useSession')).useSession().load();
  const { useUndo } = await import('@/device/useUndo');
  const outbox = (await import('@/device/useOutbox')).useOutbox();
  const visit = shallowRef({ id: 'V', undoable, closedAt: null } as unknown as Visit);
  const undoing = effectScope().run(() => useUndo('V', visit, ['plan_chosen', 'treatment_chosen', 'answer_given']))!;
  const takenBack = (): unknown[] => outbox.waitingFor('V').flatMap(({ mark }) => (mark.kind === 'withdrawn' ? [mark.payload.markId] : []));
  server.state.reachable = false;
  return { server, outbox, undoing, takenBack };
}

beforeEach(freshDevice);
afterEach(() => vi.unstubAllGlobals());

describe('undo', () => {
  it('takes back what still waits on this device before anything older', async () => {
    const { outbox, undoing, takenBack } = await plan();
    const waiting = outbox.record('V', 'treatment_chosen', { treatment: 'demat' }, { section: 'tail' });
    undoing.undo();
    expect(takenBack()).toEqual([waiting]);
    undoing.undo();
    expect(takenBack()).toEqual([waiting, 'OLD']);
    undoing.undo();
    expect(takenBack()).toEqual([waiting, 'OLD']);
  });

  it('says what it took back', async () => {
    const { outbox, undoing } = await plan();
    outbox.record('V', 'treatment_chosen', { treatment: 'demat' }, { section: 'tail' });
    undoing.undo();
    expect(say.mark(undoing.said.value!)).toBe('Tail: chosen');
  });

  it('takes back a decision that was just taken, before a picture that holds it has come', async () => {
    const { server, outbox, undoing, takenBack } = await plan();
    server.state.reachable = true;
    const id = await outbox.recordNow('V', 'answer_given', { planId: 'P', answer: 'yes', via: 'here', who: 'Ann' });
    const decided = { id, kind: 'answer_given' as const, section: null, by: 'Imke' };
    undoing.made({ id, decided });
    undoing.made({ id, decided });
    server.state.reachable = false;
    undoing.undo();
    expect(takenBack()).toEqual([id]);
  });

  it('leaves a colleague’s mark alone until it is meant', async () => {
    const { undoing, takenBack } = await plan([{ ...OLDER, by: 'Rosalind' }]);
    undoing.undo();
    expect([takenBack(), undoing.asking.value?.by]).toEqual([[], 'Rosalind']);
    undoing.leave();
    expect(undoing.asking.value).toBeNull();
    undoing.undo();
    undoing.confirm();
    expect(takenBack()).toEqual(['OLD']);
  });
});
