import { enableAutoUnmount, mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Plan, Visit } from '@/api/types';
import AnswerBar from '@/plan/AnswerBar.vue';
import NewVisitView from '@/dogs/NewVisitView.vue';
import { fakeServer, type Sent, takingMarks } from './server';
import { freshDevice } from './setup';

enableAutoUnmount(afterEach);
beforeEach(async () => {
  await freshDevice();
  document.body.innerHTML = '';
});
afterEach(() => vi.unstubAllGlobals());

const VISIT = {
  id: 'V',
  number: 7,
  route: ['back', 'tail'],
  closedAt: null,
  arrival: {},
  dog: { name: 'Bosun', coat: 'mixed', client: { name: 'Kaspar Wrenfield', phone: '555' } },
} as unknown as Visit;

const ONE = { tension: 0, minutes: 20, regrowthWeeks: null };
const MIDDLE = { ...ONE, keep: 0.8, priceCents: 6600, picks: '01' };
const EASIEST = { ...ONE, keep: 0.4, priceCents: 5400, picks: '12' };
const FULLEST = { ...ONE, keep: 0.9, priceCents: 9000, picks: '00' };

/** A plan whose frontier holds some plans, the fullest in force. */
const rowsOf = ({ easiest, balanced, keepCoat }: Record<'easiest' | 'balanced' | 'keepCoat', number>) =>
  [...new Set([easiest, balanced, keepCoat])].sort((one, other) => one - other).map((place) => ({ place, aims: [] }));
function planWith(plans: (typeof MIDDLE)[], named: { easiest: number; balanced: number; keepCoat: number }, more: object = {}): Plan {
  return {
    ...{ number: 7, consent: 'ask', asks: ['tail'], begun: false, agreed: false, feeLimitCents: null, split: null, toAsk: [] },
    sections: { back: { choice: 'brush' }, tail: { choice: 'demat' } },
    totals: { complete: true, coatKept: 0.9, tension: 5, minutes: 30 },
    price: { totalCents: 9000 },
    shown: { id: 'SHOWN', current: true, answer: null },
    frontier: {
      ...{ sections: ['back', 'tail'], options: { back: ['brush', 'clip:9.5'], tail: ['demat', 'thin', 'clip:3.2'] } },
      ...{ plans, ...named, rows: rowsOf(named), unfixed: [], shortfall: null },
    },
    ...more,
  } as unknown as Plan;
}
const THREE = planWith([EASIEST, MIDDLE, FULLEST], { easiest: 0, balanced: 1, keepCoat: 2 });

function bar(plan: Plan) {
  const sent: { kind: string; payload: Record<string, unknown> }[] = [];
  const links: Sent[] = [];
  const take = takingMarks();
  fakeServer({
    'POST visits/V/marks': (request) => {
      sent.push(...(request.body!.marks as typeof sent));
      return take(request);
    },
    'POST visits/V/client-links': (request) => {
      links.push(request);
      return { json: { expiresAt: '2026-06-10T09:00:00.000Z' } };
    },
  });
  const wrapper = mount(AnswerBar, {
    props: { visit: VISIT, plan, place: 2, decides: true },
    global: { stubs: { RouterLink: true } },
    attachTo: document.body,
  });
  return { wrapper, sent, links };
}

const buttons = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('button, [role="radio"]')];
const button = (says: string): HTMLElement => buttons().find((one) => one.textContent?.includes(says))!;
async function press(says: string): Promise<void> {
  await vi.waitFor(() => expect(button(says), says).toBeDefined());
  button(says).click();
}

describe('the client’s yes', () => {
  it('is said back, with what it is and what it costs, before it counts', async () => {
    const { sent } = bar(THREE);
    await press('Client is here');
    await press('A middle way');
    await press('Yes, do this');
    await vi.waitFor(() => expect(document.body.textContent).toContain('You agree to this:'));
    expect(document.querySelector('[aria-labelledby="read-back"]')!.textContent).toContain('A middle way, €66');
    expect(document.querySelector('[aria-labelledby="read-back"]')!.textContent).toContain('Tail: thinned');
    expect(sent).toEqual([]);
    // The Enter that led here is not the one that agrees.
    expect(document.activeElement?.tagName).toBe('H2');

    await press('Yes, agreed');
    await vi.waitFor(() => expect(sent.map((mark) => mark.kind)).toEqual(['plan_chosen', 'plan_shown', 'answer_given']));
  });

  it('has one way back, and nothing that was written or signed is lost on it', async () => {
    const { sent } = bar(THREE);
    await press('Client is here');
    await vi.waitFor(() => expect(document.querySelector('input')).not.toBeNull());
    const words = [...document.querySelectorAll('input')].at(-1)!;
    words.dispatchEvent(new Event('focus'));
    words.value = 'Mind the ears';
    words.dispatchEvent(new Event('input'));
    words.dispatchEvent(new Event('blur'));
    await press('Yes, do this');
    await press('Back');
    await vi.waitFor(() => expect([...document.querySelectorAll('input')].at(-1)?.value).toBe('Mind the ears'));
    expect(sent).toEqual([]);
  });

  it('is for the way that was shown, whatever the plan became on another tablet meanwhile', async () => {
    const { wrapper, sent } = bar(THREE);
    await press('Client is here');
    await press('A middle way');
    // Now the frontier is another one: what stood in second place stands there no longer.
    const shown = { id: 'SHOWN', current: false, answer: null };
    await wrapper.setProps({
      plan: planWith([FULLEST, EASIEST], { easiest: 1, balanced: 0, keepCoat: 0 }, { number: 9, shown }),
      place: 0,
    });
    await vi.waitFor(() => expect(document.body.textContent).toContain('The plan has changed on another tablet'));
    await press('Yes, do this');
    expect(document.body.textContent).toContain('€66');
    await press('Yes, agreed');
    await vi.waitFor(() => expect(sent).toHaveLength(3));
    expect(sent[0]!.payload).toEqual({ aim: 'balanced', choices: { back: 'brush', tail: 'thin' } });
  });
});

describe('a letter on what agrees or sends', () => {
  it.each([
    ['l', 'Send the link', THREE],
    ['g', 'Go ahead', planWith([FULLEST], { easiest: 0, balanced: 0, keepCoat: 0 }, { asks: [] })],
  ])('%j moves the focus to “%s” and does nothing yet', async (key, says, plan) => {
    const { sent, links } = bar(plan);
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(document.activeElement?.textContent).toContain(says);
    expect([sent, links]).toEqual([[], []]);
  });
});

describe('a dog that comes in', () => {
  it('has a visit of its own, also when the answer for the dog before it was lost', async () => {
    const dog = (id: string, name: string) => ({
      ...{ id, name, breed: 'Terrier', ageMonths: 40, client: { name: 'Client', phone: null } },
      ...{ openVisitId: null, lastVisitId: null, lastVisitAt: null },
    });
    const arrivals: { id: string; markId: string; dogId: string }[] = [];
    fakeServer({
      'GET dogs': () => ({ json: { dogs: [dog('A', 'Bosun'), dog('B', 'Dulse')], nextPage: null } }),
      'POST visits': (request) => {
        arrivals.push(request.body as unknown as (typeof arrivals)[number]);
        return { status: 503, json: { code: 'failed', message: 'Try again.' } };
      },
    });
    mount(NewVisitView, {
      attachTo: document.body,
      global: {
        plugins: [createRouter({ history: createMemoryHistory(), routes: [{ path: '/', name: 'day', component: NewVisitView }] })],
      },
    });
    await press('Bosun');
    await vi.waitFor(() => expect(document.body.textContent).toContain('Try again.'));
    await press('Dulse');
    await vi.waitFor(() => expect(arrivals).toHaveLength(2));
    await vi.waitFor(() => expect(button('Bosun').hasAttribute('disabled')).toBe(false));
    await press('Bosun');
    await vi.waitFor(() => expect(arrivals).toHaveLength(3));

    expect(arrivals.map((arrival) => arrival.dogId)).toEqual(['A', 'B', 'A']);
    expect(arrivals[1]!.id).not.toBe(arrivals[0]!.id);
    expect(arrivals[1]!.markId).not.toBe(arrivals[0]!.markId);
    expect(arrivals[2]).toMatchObject({ id: arrivals[0]!.id, markId: arrivals[0]!.markId });
  });
});
