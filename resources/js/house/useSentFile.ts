import { ref } from 'vue';
import { upload } from '@/api/client';
import { useProblems } from '@/device/useProblems';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

/** A file of the owner's that the server looks at before anything is read in: sent with progress, and told plainly when that fails. */
export function useSentFile<T>(path: string) {
  const { trouble, clear, tell } = useProblems();
  const found = ref<T | null>(null);
  const progress = ref('');
  const busy = ref(false);

  /** One thing at a time; what fails is told, without a network in the words given, and what was chosen stays. */
  async function doing<R>(what: () => Promise<R>, noNetwork = t('records.noNetwork')): Promise<R | null> {
    if (busy.value) {
      return null;
    }
    busy.value = true;
    clear();
    try {
      return await what();
    } catch (failure) {
      tell(failure, noNetwork);
      return null;
    } finally {
      busy.value = false;
      progress.value = '';
    }
  }

  async function choose(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) {
      return;
    }
    found.value = null;
    const form = new FormData();
    form.append('file', file, file.name);
    const answer = await doing(() =>
      upload<T>(
        path,
        form,
        (part) => (progress.value = part < 1 ? t('records.sending', { part: say.percent(part) }) : t('records.reading')),
      ),
    );
    found.value = answer;
    // The same file chosen again, mended meanwhile, is a choice too.
    input.value = '';
  }

  return { found, progress, busy, trouble, clear, doing, choose };
}
