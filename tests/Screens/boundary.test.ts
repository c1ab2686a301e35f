import 'fake-indexeddb/auto';
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, ref } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import App from '@/App.vue';
import { deviceStore } from '@/device/store';
import { fakeServer } from './server';

afterEach(() => vi.unstubAllGlobals());

describe('a screen that breaks', () => {
  it('says so with two ways on, takes nothing else with it, and is drawn again when asked', async () => {
    fakeServer({});
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const broken = ref(true);
    const Breaks = defineComponent({
      setup: () => () => {
        if (broken.value) {
          throw new Error('a gap in the answer');
        }
        return 'All is well';
      },
    });
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [
        { path: '/', name: 'day', component: { template: '<p>day</p>' } },
        { path: '/visits/:visit', name: 'sign-in', component: Breaks },
      ],
    });
    await router.push('/visits/1');
    const app = mount(App, { global: { plugins: [router] } });
    await flushPromises();
    expect(app.get('[role=alert]').text()).toContain('is kept on this device');
    expect(app.get('a').attributes('href')).toBe('/');

    broken.value = false;
    await app.get('button').trigger('click');
    await flushPromises();
    expect(app.text()).toContain('All is well');
    expect(app.find('[role=alert]').exists()).toBe(false);
    app.unmount();
  });
});

describe('what waits on the device', () => {
  it('is asked to be kept, should the browser run short of room', () => {
    const persist = vi.fn(async () => true);
    vi.stubGlobal('navigator', Object.assign(Object.create(navigator), { storage: { persist } }));
    deviceStore.openFor();
    expect(persist).toHaveBeenCalled();
  });
});
