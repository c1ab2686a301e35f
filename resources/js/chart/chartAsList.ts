import { useLocalStorage } from '@vueuse/core';
import type { Ref } from 'vue';

/** Whether this device shows the coat as a list of its sections instead of as a picture: for whoever reads better than they see. */
export const useChartAsList = (): Ref<boolean> => useLocalStorage('hound-check.chart-as-list', false);
