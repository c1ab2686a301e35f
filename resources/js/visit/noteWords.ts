import type { StopSign } from '@/api/types';
import { t } from '@/messages/words';

/** A note as it is read: what Stop now entered, and what somebody wrote. */
export function noteSaid(note: { text?: string | null; sign?: StopSign | null }): string {
  const sign = note.sign ? t('skin.stopNow.note', { sign: t(`skin.stopNow.signs.${note.sign}.say`) }) : '';
  return [sign, note.text ?? ''].filter((words) => words).join(' ');
}
