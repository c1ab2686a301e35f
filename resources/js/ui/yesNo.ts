import { t } from '@/messages/words';

/** The two answers of a question, in the words of the screen. */
export const yesNo = (): { value: boolean; says: string }[] => [
  { value: true, says: t('ui.yes') },
  { value: false, says: t('ui.no') },
];
