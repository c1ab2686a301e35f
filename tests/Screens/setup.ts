import { readdirSync } from 'node:fs';
import { closePage } from '@/device/whileOpen';
import { speak, type Chapter, type Language } from '@/messages/words';

/** The application fetches the chapters of a screen; here every one is there before a test begins. */
export async function speakAll(language: Language = 'en'): Promise<void> {
  await speak(
    language,
    readdirSync('resources/js/messages/en').map((file) => file.replace('.json', '') as Chapter),
  );
}

/** A page that has just been opened: what the one before kept is gone. */
export const openAnew = closePage;

await speakAll();
