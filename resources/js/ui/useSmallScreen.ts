import { useMediaQuery } from '@vueuse/core';
import type { Ref } from 'vue';

/** Whether the screen is a phone's: the chart then drops texture and keeps tone and number. */
export const useSmallScreen = (): Readonly<Ref<boolean>> => useMediaQuery('(width < 43.75rem)');
