import { onScopeDispose, ref } from 'vue';

/** Whether the screen is a phone's: the chart then drops texture and keeps tone and number. */
export function useSmallScreen() {
  const query = window.matchMedia('(max-width: 699px)');
  const small = ref(query.matches);
  const follow = (event: MediaQueryListEvent): void => {
    small.value = event.matches;
  };
  query.addEventListener('change', follow);
  onScopeDispose(() => query.removeEventListener('change', follow));
  return small;
}
