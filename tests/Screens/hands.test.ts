import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, onUnmounted } from 'vue';
import type { SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { allSections } from '@/chart/geometry';
import type { ChartSection } from '@/chart/tones';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import { aimAt, blockKeys, useKeys } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { fakeServer } from './server';

const page = { attachTo: document.body };
const mounted: { unmount: () => void }[] = [];
const show = ((...arguments_: Parameters<typeof mount>) => {
  const wrapper = mount(...arguments_);
  mounted.push(wrapper);
  return wrapper;
}) as typeof mount;

function down(key: string, target: EventTarget = document.body, repeat = false): KeyboardEvent {
  const event = new KeyboardEvent('keydown', { key, repeat, bubbles: true, cancelable: true });
  target.dispatchEvent(event);
  return event;
}

beforeEach(() => vi.unstubAllGlobals());
afterEach(() => mounted.splice(0).forEach((wrapper) => wrapper.unmount()));

describe('a key', () => {
  /** A task with a key and a button, as every screen has them. */
  function task() {
    const done: string[] = [];
    const component = defineComponent(() => {
      useKeys(() => [
        { keys: [' '], says: 'Passes', run: () => done.push('passes') },
        { keys: ['5'], says: 'Snaps', run: () => done.push('snaps') },
        { keys: ['h'], says: 'Goes home', run: aimAt(() => document.querySelector<HTMLElement>('#home')) },
      ]);
      return () => h('button', { id: 'home', type: 'button', onClick: () => done.push('home') });
    });
    show(component, page);
    return done;
  }

  it('does what it says in a dialog, and reaches nothing that lies under it', () => {
    const done = task();
    const Inside = defineComponent(() => {
      useKeys(() => [{ keys: ['1'], says: 'First', run: () => done.push('first') }]);
      return () => h('p');
    });
    const dialog = show(
      defineComponent(() => {
        onUnmounted(blockKeys());
        return () => h(Inside);
      }),
      page,
    );
    down('5');
    down('1');
    expect(done).toEqual(['first']);
    dialog.unmount();
    mounted.splice(mounted.indexOf(dialog), 1);
    down('5');
    expect(done).toEqual(['first', 'snaps']);
  });

  it('that is held down records once', () => {
    const done = task();
    down(' ');
    for (let repeat = 0; repeat < 10; repeat++) {
      down(' ', document.body, true);
    }
    expect(done).toEqual(['passes']);
  });

  it('that is held down on a button presses it once: Enter would press on', () => {
    task();
    const button = document.querySelector('#home')!;
    expect(down('Enter', button).defaultPrevented).toBe(false);
    expect(down('Enter', button, true).defaultPrevented).toBe(true);
  });

  it('for what sends, signs or hands over moves the focus there and does nothing yet', () => {
    const done = task();
    down('h');
    expect(document.activeElement?.id).toBe('home');
    expect(done).toEqual([]);
  });

  it('that is a letter or a figure is silent for whoever turned these off; Space is not', async () => {
    const staff = { id: 'T', name: 'Teo', role: 'apprentice' };
    const salon = { name: 'Kittiwake Lane', timezone: 'UTC', currency: 'EUR' };
    fakeServer({ 'PATCH session': () => ({ json: { staff: { ...staff, letterKeys: false }, salon } }) });
    vi.stubGlobal('indexedDB', undefined);
    const done = task();
    await useSession().useLetters(false);
    down('5');
    down(' ');
    expect(done).toEqual(['passes']);
  });
});

describe('the coat chart under the keys', () => {
  function chart(live = true) {
    const sections = Object.fromEntries(allSections.map((section) => [section, { tone: 'u', said: 'not checked yet' }]));
    const wrapper = show(CoatChart, {
      props: { label: 'Coat chart', sections: sections as Record<SectionId, ChartSection>, route: allSections, live },
      ...page,
    });
    const at = (index: number): HTMLElement => wrapper.find<HTMLElement>(`[data-section="${allSections[index]}"]`).element;
    return { wrapper, at };
  }

  it('goes round with the arrows and takes nothing on the way', () => {
    const { wrapper, at } = chart();
    at(0).focus();
    down('ArrowRight', at(0));
    down('ArrowDown', at(1));
    expect(document.activeElement).toBe(at(2));
    down('ArrowLeft', at(2));
    expect(document.activeElement).toBe(at(1));
    expect(wrapper.emitted('select')).toBeUndefined();
  });

  it.each(['Enter', ' '])('takes the place with the focus at %j, once, and no answer of the task with it', (key) => {
    const { wrapper, at } = chart();
    const given: string[] = [];
    show(
      defineComponent(() => {
        useKeys(() => [{ keys: [' ', 'Enter'], says: 'Glides', run: () => given.push('glides') }]);
        return () => null;
      }),
    );
    down(key, at(4));
    down(key, at(4), true);
    expect(wrapper.emitted('select')).toEqual([[allSections[4]]]);
    expect(given).toEqual([]);
  });

  it('gives the focus back when it was touched, so that the next Space is the task’s', async () => {
    const { wrapper, at } = chart();
    at(2).focus();
    await wrapper.find(`[data-section="${allSections[2]}"]`).trigger('click');
    expect(wrapper.emitted('select')).toEqual([[allSections[2]]]);
    expect(document.activeElement).toBe(document.body);
  });

  it('shows where the focus is, on the chosen place and beside it', async () => {
    const { wrapper, at } = chart();
    await wrapper.setProps({ selected: allSections[0] });
    await nextTick();
    at(3).focus();
    await nextTick();
    expect(wrapper.find('.cc-focus').attributes('d')).toBe(at(3).getAttribute('d'));
    expect(wrapper.find('.cc-sel').attributes('d')).toBe(at(0).getAttribute('d'));
  });
});

describe('one of a few', () => {
  const options = [
    { value: 'never', says: 'Never' },
    { value: 'ask', says: 'Ask me first' },
    { value: 'any', says: 'Wherever it is needed' },
  ];

  it('is chosen by a press; the arrows only pass over the others', async () => {
    const group = show(ChoiceGroup, { props: { label: 'Clipping', options, modelValue: 'never' }, ...page });
    const radios = group.findAll<HTMLElement>('[role="radio"]');
    radios[0]!.element.focus();
    await radios[0]!.trigger('keydown', { key: 'ArrowRight' });
    await radios[1]!.trigger('keydown', { key: 'ArrowRight' });
    expect(document.activeElement).toBe(radios[2]!.element);
    expect(group.emitted('update:modelValue')).toBeUndefined();
    await radios[2]!.trigger('click');
    expect(group.emitted('update:modelValue')).toEqual([['any']]);
  });

  it('is no longer shown as chosen once the server has refused it', async () => {
    const group = show(ChoiceGroup, { props: { label: 'Clipping', options, modelValue: null }, ...page });
    const chosen = (): string[] => group.findAll('[aria-checked="true"]').map((radio) => radio.text());
    await group.findAll('[role="radio"]')[2]!.trigger('click');
    await group.setProps({ modelValue: 'any' });
    expect(chosen()).toEqual(['Wherever it is needed']);
    await group.setProps({ modelValue: null });
    expect(chosen()).toEqual([]);
  });
});

describe('a field', () => {
  it('that only had the focus leaves what another tablet wrote meanwhile', async () => {
    const field = show(TextField, { props: { label: 'Wishes', modelValue: 'Short' }, ...page });
    const input = field.find('input');
    await input.trigger('focus');
    await field.setProps({ modelValue: 'Long, but for the belly' });
    await input.trigger('blur');
    await nextTick();
    expect(field.emitted('update:modelValue')).toBeUndefined();
    expect(input.element.value).toBe('Long, but for the belly');
  });

  it('hands on once what was typed', async () => {
    const field = show(TextField, { props: { label: 'Wishes', modelValue: 'Short' }, ...page });
    const input = field.find('input');
    await input.trigger('focus');
    await input.setValue('Shorter');
    await input.trigger('keydown', { key: 'Enter' });
    await input.trigger('blur');
    expect(field.emitted('update:modelValue')).toEqual([['Shorter']]);
  });
});
