import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import LinePicture from '@/table/LinePicture.vue';

const picture = (more: Record<string, unknown> = {}) =>
  mount(LinePicture, {
    props: { section: 'tail', grade: 1, lines: 6, done: [1, 2], line: 3, clip: false, disabled: false, ...more },
  });

describe('the lines of a section, without a pointer', () => {
  it('are looked at with the arrows, within the section, and marked with Enter alone', async () => {
    const lines = picture();
    const slider = lines.get('[role=slider]');
    expect(slider.attributes()).toMatchObject({
      'aria-valuenow': '3',
      'aria-valuemax': '6',
      'aria-valuetext': 'line 3, 2 of 6 lines done',
    });
    for (let press = 0; press < 9; press++) {
      await slider.trigger('keydown', { key: 'ArrowUp' });
    }
    await slider.trigger('keydown', { key: 'ArrowDown' });
    expect([slider.attributes('aria-valuenow'), lines.emitted('upTo')]).toEqual(['5', undefined]);
    await slider.trigger('keydown', { key: 'Enter' });
    await slider.trigger('keydown', { key: 'Enter', repeat: true });
    expect(lines.emitted('upTo')).toEqual([[5]]);
  });

  it.each([{ disabled: true }, { clip: true }])('take no key where there is nothing to mark: %j', async (more) => {
    const lines = picture(more);
    expect(lines.find('[role=slider]').exists()).toBe(false);
    await lines.get('[role=img]').trigger('keydown', { key: 'Enter' });
    expect(lines.emitted('upTo')).toBeUndefined();
  });
});
