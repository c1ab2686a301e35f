import { reactive, ref } from 'vue';
import { Refused, Unreachable } from '@/api/client';
import { useSession } from './useSession';

/** Why what was typed is not kept, in words: at its field, and for all of it. What was typed stays. */
export function useProblems() {
  const problems = reactive<Record<string, string>>({});
  const trouble = ref('');

  function clear(): void {
    trouble.value = '';
    Object.keys(problems).forEach((field) => delete problems[field]);
  }

  /** Tells what went wrong with a request; whatever is no answer and no silence of the server is a fault and goes on. */
  function tell(failure: unknown, noNetwork: string): void {
    if (useSession().endsBy(failure)) {
      return;
    }
    if (failure instanceof Unreachable) {
      trouble.value = noNetwork;
    } else if (failure instanceof Refused) {
      Object.entries(failure.problem.fields ?? {}).forEach(([field, [words]]) => (problems[field] = words!));
      // Said in any case: a field that does not stand on the screen could not say it.
      trouble.value = failure.message;
    } else {
      throw failure;
    }
  }

  return { problems, trouble, clear, tell };
}
