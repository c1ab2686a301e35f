import { languages, type Language } from '@/messages/words';
import { texts } from './texts';
import { useSession } from './useSession';

/** What was chosen on this device while nobody was signed in. */
const KEPT = 'hound-check.language';

const isLanguage = (code: string | null | undefined): code is Language => languages.includes(code ?? '');

/** The language of the screens: the person's own, else what was chosen on this device, else the salon's, else the browser's. */
export function useLanguage() {
  const session = useSession();

  function wanted(): Language {
    // A salon that is not set up has not said yet what it speaks.
    const salon = session.salon.value?.isNew ? null : session.salon.value?.language;
    const asked = [session.staff.value?.language, texts.get(KEPT), salon, navigator.language.slice(0, 2)];
    return asked.find(isLanguage) ?? 'en';
  }

  /** Somebody who is signed in takes the choice along to every tablet. */
  async function choose(language: Language): Promise<void> {
    if (session.staff.value) {
      await session.useLanguage(language);
    }
    texts.keep(KEPT, language);
  }

  return { wanted, choose };
}
