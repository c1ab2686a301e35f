import type { CombCheck } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

/** An entry of an earlier version may lack words. */
const small = (words: string | undefined): string => (words === undefined ? '' : say.within(words));

/** What hands and comb found, in one line. */
export function checkSaid(check: CombCheck): string {
  return [
    small(t(`coat.comb.${check.comb}`)),
    check.skinLine ? small(t(`coat.skinLine.${check.skinLine}`)) : '',
    check.fine && check.fine !== 'not_used' ? small(t(`coat.fine.${check.fine}`)) : '',
    check.opens ? small(t(`coat.opens.${check.opens}`)) : '',
    check.mattedShare != null ? say.share(check.mattedShare) : '',
    check.liftMm != null ? t('coat.fromTheSkin', { length: say.mm(check.liftMm) }) : '',
  ]
    .filter((word) => word)
    .join(', ');
}
