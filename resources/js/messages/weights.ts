import { salon } from './salon';
import { say } from './say';
import { t } from './words';

/** A class of weights in the salon's unit: `to_5` as "up to 5 kg", "up to 11 lb". */
export function weightName(row: string, units = salon.units): string {
  const [, bound, kg] = /^(to|over)_(\d+)$/.exec(row) ?? [];
  return t(bound === 'over' ? 'rules.rows.weightOver' : 'rules.rows.weightTo', { weight: say.kg(Number(kg), units) });
}
