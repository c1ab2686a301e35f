import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref } from 'vue';
import type { Plan, Visit, VisitRecord, TimelineMark } from '@/api/types';
import { fakeServer, takingMarks } from './server';
import { freshDevice, openAnew, onDisk } from './setup';

const VISIT = 'V';
const GUIDE = {
  fields: { glides: ['skinLine', 'fine'], catches: ['skinLine'], stops: ['skinLine', 'mattedShare', 'tender'], cannot_enter: ['skinLine'] },
  bands: { mattedShare: [0.25, 0.5], largestMm: [25], liftMm: [3] },
  outcomes: [
    { verdict: 'graded', grade: 0, rule: 'all_clear', asks: null, possible: [0] },
    { verdict: 'graded', grade: 2, rule: 'comb_stops', asks: 'opens', possible: [2, 3, 4] },
    { verdict: 'graded', grade: 3, rule: 'much_matted', asks: 'lift_mm', possible: [3, 4] },
    { verdict: 'graded', grade: 3, rule: 'tender', asks: null, possible: [3] },
  ],
  steps: { 'glides|clear|not_used': 0, 'stops|clear|-|-': 1, 'stops|clear|1|-': 2, 'stops|clear|0|1': 3 },
  referrals: { open_skin: 'leave_alone_see_vet', redness: null },
};
const section = (grade: number | null) => ({
  verdict: grade === null ? 'not_checked' : 'graded',
  grade,
  asks: null,
  check: grade === null ? null : { comb: 'glides', skinLine: 'clear' },
  leaveAlone: false,
});

function visitAt(number: number, tail: number | null) {
  return {
    id: VISIT,
    number,
    dog: { name: 'Dulse' },
    route: ['tail', 'back'],
    sections: { tail: section(tail), back: section(null) },
    arrival: { wishes: 'Long' },
    undoable: [],
    closedAt: null,
  };
}

beforeEach(async () => {
  openAnew();
  await freshDevice();
});

describe('the guide of the comb check', () => {
  async function guide() {
    fakeServer({ 'GET comb-check-guide': () => ({ json: GUIDE }) });
    const { useGuide } = await import('@/visit/useGuide');
    const known = useGuide();
    expect(known.outcome({ comb: 'glides' })).toBeNull();
    await known.load();
    return known;
  }

  it('looks an answer up, and a figure by the band it falls in', async () => {
    const { outcome } = await guide();
    expect(outcome({ comb: 'glides', skinLine: 'clear' })?.grade).toBe(0);
    expect(outcome({ comb: 'stops', skinLine: 'clear' })?.asks).toBe('opens');
    expect(outcome({ comb: 'stops', skinLine: 'clear', mattedShare: 0.25 })?.rule).toBe('much_matted');
    expect(outcome({ comb: 'stops', skinLine: 'clear', mattedShare: 0.49 })?.rule).toBe('much_matted');
    expect(outcome({ comb: 'stops', skinLine: 'clear', mattedShare: 0.2, tender: true })?.rule).toBe('tender');
  });

  it('makes no grade up for answers it does not know', async () => {
    const { outcome, referral, largeMm } = await guide();
    expect(outcome({ comb: 'cannot_enter', skinLine: 'hidden' })).toBeNull();
    expect([referral('open_skin'), referral('redness'), largeMm()]).toEqual(['leave_alone_see_vet', null, 25]);
  });
});

describe('a visit on the screen', () => {
  async function open(server: Parameters<typeof fakeServer>[0], reachable = true) {
    const fake = fakeServer({ 'GET comb-check-guide': () => ({ json: GUIDE }), ...server });
    fake.state.reachable = reachable;
    const { useVisit } = await import('@/visit/useVisit');
    const { useOutbox } = await import('@/device/useOutbox');
    const scope = effectScope();
    const visit = scope.run(() => useVisit(VISIT))!;
    return { fake, visit, outbox: useOutbox(), close: () => scope.stop() };
  }

  it('shows what was recorded here at once, with the grade from the guide, and the server’s picture when it comes', async () => {
    let picture = visitAt(1, null);
    const take = takingMarks();
    const { visit, outbox, close } = await open({
      'GET visits': () => ({ json: picture }),
      'POST visits': (sent) => {
        picture = visitAt(2, 1);
        take(sent);
        return { json: { number: 2, marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'taken' })) } };
      },
    });
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    outbox.record(
      VISIT,
      'comb_checked',
      { comb: 'glides', skinLine: 'clear' },
      { section: 'tail', shows: { section: 'tail', check: { comb: 'glides', skinLine: 'clear' } } },
    );
    expect(visit.sections.value!.tail.grade).toBe(0);
    expect(visit.sections.value!.back.grade).toBeNull();
    await vi.waitFor(() => expect(visit.sections.value!.tail.grade).toBe(1));
    close();
  });

  it('lets go of a mark only when a picture that holds it is kept here: a reload without network shows it too', async () => {
    let picture = visitAt(1, null);
    const take = takingMarks();
    const { deviceStore } = await import('@/device/store');
    let written = (): void => undefined;
    const writing = new Promise<void>((resolve) => (written = resolve));
    vi.spyOn(deviceStore, 'keep').mockImplementation((_, answer) => ((answer as Visit).number === 2 ? writing : Promise.resolve()));
    const { visit, outbox, close } = await open({
      'GET visits': () => ({ json: picture }),
      'POST visits': (sent) => {
        picture = visitAt(2, 0);
        take(sent);
        return { json: { number: 2, marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'taken' })) } };
      },
    });
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    const kept = async (): Promise<number> => (await onDisk('marks')).length;
    outbox.record(VISIT, 'note_written', { text: 'Sneezes' });
    await vi.waitFor(() => expect(deviceStore.keep).toHaveBeenLastCalledWith('visit.V', expect.objectContaining({ number: 2 })));
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(await kept()).toBe(1);
    written();
    await vi.waitFor(async () => expect(await kept()).toBe(0));
    vi.mocked(deviceStore.keep).mockRestore();
    close();
  });

  it('shows the visit that comes with the answer to a mark: it is not asked for again', async () => {
    const { fake, visit, outbox, close } = await open({
      'GET visits': () => ({ json: visitAt(1, null) }),
      'POST visits': (sent) => ({
        json: {
          number: 2,
          revision: 'r2',
          visit: visitAt(2, 1),
          marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'taken' })),
        },
      }),
    });
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    outbox.record(VISIT, 'note_written', { text: 'Sneezes' });
    await vi.waitFor(() => expect(visit.visit.value!.number).toBe(2));
    expect(visit.sections.value!.tail.grade).toBe(1);
    expect(outbox.waitingFor(VISIT)).toEqual([]);
    expect(fake.sent.filter(({ method, path }) => method === 'GET' && path.startsWith('visits'))).toHaveLength(1);
    close();
  });

  it('is not drawn for marks that are sent while no screen of it is open', async () => {
    const take = takingMarks();
    const { fake, visit, outbox, close } = await open({ 'GET visits': () => ({ json: visitAt(1, null) }), 'POST visits': take });
    const { useVisit } = await import('@/visit/useVisit');
    const other = effectScope();
    other.run(() => useVisit(VISIT));
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    const preferred = (): (string | undefined)[] => fake.sent.filter(({ method }) => method === 'POST').map(({ prefer }) => prefer);

    close();
    outbox.record(VISIT, 'note_written', { text: 'one screen is still open' });
    await vi.waitFor(() => expect(preferred()).toEqual([undefined]));
    other.stop();
    outbox.record(VISIT, 'note_written', { text: 'none is' });
    await vi.waitFor(() => expect(preferred()).toEqual([undefined, 'return=minimal']));
  });

  it('does not go back to what was asked for before a mark and came after its answer', async () => {
    const { deviceStore } = await import('@/device/store');
    let late = (): void => undefined;
    const underWay = new Promise<void>((resolve) => (late = resolve));
    let asked = 0;
    const { visit, outbox, close } = await open({
      'GET visits': () => ({ json: visitAt(++asked, null) }),
      'POST visits': (sent) => ({
        json: {
          number: 5,
          revision: 'r5',
          visit: visitAt(5, 1),
          marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'taken' })),
        },
      }),
    });
    await vi.waitFor(() => expect(visit.visit.value!.number).toBe(1));
    // The slow one is written to the disk of the device while the mark is sent and answered.
    vi.spyOn(deviceStore, 'keep').mockImplementation((_, answer) => ((answer as Visit).number === 2 ? underWay : Promise.resolve()));
    const slow = visit.loaded.refresh();
    await vi.waitFor(() => expect(deviceStore.keep).toHaveBeenCalled());
    outbox.record(VISIT, 'note_written', { text: 'Sneezes' });
    await vi.waitFor(() => expect(visit.visit.value!.number).toBe(5));
    late();
    await slow;
    expect(visit.visit.value!.number).toBe(5);
    vi.mocked(deviceStore.keep).mockRestore();
    close();
  });

  it('shows the groomer’s own grade at once, for as long as the rule gives the grade it was set against', async () => {
    const { visit, outbox, close } = await open({
      'GET visits': () => ({ json: visitAt(1, 0) }),
      'POST visits': () => ({ status: 500, json: { code: 'failed', message: '' } }),
    });
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    const own = { id: '', grade: 2, instead: 0, reason: 'Felt a knot', at: '' };
    outbox.record(
      VISIT,
      'grade_judged',
      { grade: 2, instead: 0, reason: 'Felt a knot' },
      { section: 'tail', shows: { section: 'tail', own } },
    );
    expect([visit.sections.value!.tail.grade, visit.sections.value!.tail.inForce]).toEqual([0, 2]);

    const stops = { comb: 'stops', skinLine: 'clear', mattedShare: 0.3 } as const;
    outbox.record(VISIT, 'comb_checked', { ...stops }, { section: 'tail', shows: { section: 'tail', check: stops } });
    expect([visit.sections.value!.tail.inForce, visit.sections.value!.tail.own?.reason]).toEqual([3, 'Felt a knot']);
    outbox.record(VISIT, 'grade_judged', { rule: true }, { section: 'tail', shows: { section: 'tail', own: null } });
    expect(visit.sections.value!.tail.own).toBeNull();
    close();
  });

  it('shows a section as not checked when its only check was undone here', async () => {
    const { visit, outbox, close } = await open({
      'GET visits': () => ({ json: visitAt(1, 0) }),
      'POST visits': () => ({ status: 500, json: { code: 'failed', message: '' } }),
    });
    await vi.waitFor(() => expect(visit.sections.value).not.toBeNull());
    outbox.record(VISIT, 'withdrawn', { markId: 'M' }, { shows: { section: 'tail', check: null } });
    expect([visit.sections.value!.tail.verdict, visit.sections.value!.tail.grade]).toEqual(['not_checked', null]);
    close();
  });

  it('says that there is no such visit, and that the server is out of reach', async () => {
    const gone = await open({});
    await vi.waitFor(() => expect(gone.visit.loaded.trouble.value).toBe('missing'));
    gone.close();
    openAnew();
    const away = await open({ 'GET visits': () => ({ json: visitAt(1, null) }) }, false);
    await vi.waitFor(() => expect(away.visit.loaded.trouble.value).toBe('no_network'));
    away.fake.state.reachable = true;
    await away.visit.loaded.refresh();
    expect(away.visit.loaded.trouble.value).toBeNull();
    expect(away.visit.visit.value).not.toBeNull();
    away.close();
  });
});

describe('arrival answers', () => {
  it('records a figure with a comma, money in cents, and keeps nonsense out', async () => {
    fakeServer({ 'POST visits': takingMarks() });
    const { useArrival } = await import('@/arrival/useArrival');
    const { useOutbox } = await import('@/device/useOutbox');
    const arrival = useArrival(VISIT, ref(visitAt(1, null) as unknown as Visit));
    arrival.answerNumber('weightKg', '6,4');
    arrival.answerFee('72,50');
    arrival.answerNumber('daysSinceBath', '1.5');
    arrival.answerNumber('coatMm', 'long');
    arrival.answerText('wishes', '   ');

    expect(
      useOutbox()
        .waitingFor(VISIT)
        .map((entry) => entry.mark.payload),
    ).toEqual([{ weightKg: 6.4 }, { feeLimitCents: 7250 }, { wishes: null }]);
    expect(arrival.problems).toEqual({ daysSinceBath: 'Give days, such as 14.', coatMm: 'Give the length, such as 40 mm.' });
    expect(arrival.answers.value).toEqual({ wishes: null, weightKg: 6.4, feeLimitCents: 7250 });
    arrival.answerNumber('coatMm', '');
    expect(arrival.problems.coatMm).toBeUndefined();
  });
});

describe('the plan on the screen', () => {
  const plan = {
    sections: {
      tail: { grade: 3, choice: null, chosen: false, options: [], notOffered: [] },
      back: { grade: 0, choice: 'brush', chosen: false, options: [], notOffered: [] },
    },
    totals: { undecided: ['tail'], noLongerOffered: [] },
  } as unknown as Plan;

  it('opens at what is undecided and draws a choice before the server has worked it out', async () => {
    fakeServer({
      'GET visits/V/plan': () => ({ json: plan }),
      'POST visits': () => ({ status: 500, json: { code: 'failed', message: '' } }),
    });
    const { usePlan } = await import('@/plan/usePlan');
    const shown = usePlan(VISIT, ref(visitAt(1, 3) as unknown as Visit));
    await vi.waitFor(() => expect(shown.selected.value).toBe('tail'));
    shown.choose('clip:3.2');
    expect(shown.plan.value!.sections.tail!.choice).toBe('clip:3.2');
    expect(shown.undecided.value).toEqual(['tail']);
  });
});

describe('the record', () => {
  it('lists what was decided, and leaves out what was taken back', async () => {
    const mark = (kind: string, decision: TimelineMark['decision'], withdrawn = false) => ({ kind, decision, withdrawn, setApart: false });
    const yes = { what: 'Hester said yes', why: 'here' };
    fakeServer({
      'GET visits/V/record': () => ({
        json: {
          timeline: [
            mark('comb_checked', null),
            mark('answer_given', { what: 'Hester said no', why: '' }, true),
            mark('answer_given', yes),
            mark('stopped', { what: 'Stopped', why: 'Ill' }),
          ],
          visit: { ...visitAt(1, 3), table: { begun: false, sections: {} } },
        } as unknown as VisitRecord,
      }),
    });
    const { useRecord } = await import('@/record/useRecord');
    const { record, decisions, story } = useRecord(VISIT, ref(visitAt(1, 3) as unknown as Visit));
    await vi.waitFor(() => expect(record.value).not.toBeNull());
    expect(decisions.value.map((line) => line.decision)).toEqual([yes, { what: 'Stopped', why: 'Ill' }]);
    expect(story.value).toHaveLength(4);
  });
});
