import type { GradeRule } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { useGuide } from './useGuide';

/** Why a check gets its grade; the figures in it are the server's. */
export function useBecause() {
  const { bands } = useGuide();

  function because(rule: GradeRule): string {
    const length = (mm: number | undefined): string => (mm === undefined ? '…' : say.mm(mm));
    const share = (part: number | undefined): string => (part === undefined ? '…' : say.percent(part));
    return t(`inspection.because.${rule}`, {
      lift: length(bands('liftMm')[0]),
      largest: length(bands('largestMm')[0]),
      share: share(bands('mattedShare')[0]),
      half: share(bands('mattedShare')[1]),
    });
  }

  return { because };
}
