import { shallowRef } from 'vue';
import { there } from '@/api/there';
import { api, Unreachable } from '@/api/client';
import { deviceStore } from '@/device/store';
import { whileOpen } from '@/device/whileOpen';
import type { CheckOutcome, CombCheck, CombCheckGuide, FindingKind, Referral } from '@/api/types';

const KEPT = 'comb-check-guide';
const known = whileOpen(() => shallowRef<CombCheckGuide | null>(null));

/** The comb check worked out by the server beforehand; here it is only looked up, so it answers without network. */
export function useGuide() {
  const guide = known();

  async function load(): Promise<void> {
    if (guide.value) {
      return;
    }
    try {
      guide.value = await api('get', '/api/comb-check-guide');
      await deviceStore.keep(KEPT, guide.value);
    } catch (failure) {
      const kept = failure instanceof Unreachable ? await deviceStore.kept<CombCheckGuide>(KEPT) : undefined;
      if (!kept) {
        throw failure;
      }
      guide.value = kept;
    }
  }

  function code(field: string, check: CombCheck): string {
    const value = check[field as keyof CombCheck];
    if (value === null || value === undefined || value === false) {
      return field === 'fine' ? 'not_used' : '-';
    }
    if (value === true) {
      return '1';
    }
    return typeof value === 'number'
      ? String(there(there(guide.value).bands[field]).filter((threshold) => threshold <= value).length)
      : value;
  }

  function outcome(check: CombCheck): CheckOutcome | null {
    if (!guide.value) {
      return null;
    }
    const key = [check.comb, ...there(guide.value.fields[check.comb]).map((field) => code(field, check))].join('|');
    return guide.value.outcomes[guide.value.steps[key] ?? -1] ?? null;
  }

  /** What a finding asks of the groomer, if anything. */
  function referral(kind: FindingKind): Referral | null {
    return guide.value?.referrals[kind] ?? null;
  }

  /** Figures from which the rule grades higher, smallest first. */
  const bands = (field: string): readonly number[] => guide.value?.bands[field] ?? [];

  /** The size from which a stopped comb is a mat, in mm. */
  function largeMm(): number | null {
    return bands('largestMm')[0] ?? null;
  }

  const isThere = (): boolean => guide.value !== null;

  return { load, isThere, outcome, bands, referral, largeMm };
}
