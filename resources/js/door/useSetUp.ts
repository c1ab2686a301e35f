import { computed, reactive, ref, shallowRef, watch } from 'vue';
import { api } from '@/api/client';
import type { Country, Salon, Session } from '@/api/types';
import { texts } from '@/device/texts';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { figure } from '@/messages/options';
import { t } from '@/messages/words';

const DRAFT = 'hound-check.set-up';
export const PRICED = ['prices.baseCents', 'prices.bathAndBrushCents', 'prices.nailsAndTidyCents'];
type Rules = Record<string, number | string | number[]>;

interface Draft {
  salon: Salon;
  owner: string;
  rules: Rules;
}

function kept(): Draft | null {
  try {
    return JSON.parse(texts.get(DRAFT) ?? 'null') as Draft | null;
  } catch {
    return null;
  }
}

/** Where the browser says that it is: "de-AT" is Austria. */
function countryHere(countries: Country[]): Country | undefined {
  const region = navigator.languages.map((code) => new Intl.Locale(code).region).find((code) => code !== undefined);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return countries.find((one) => one.code === region) ?? countries.find((one) => one.timeZones.includes(zone));
}

/** The answers that make an empty installation somebody's salon; kept on this device until it is open, but for the password. */
export function useSetUp(language: string) {
  const loaded = useLoader({ ask: () => api('get', '/api/set-up') });
  const { value: offered } = loaded;
  const draft = kept();
  const owner = ref(draft?.owner ?? '');
  const password = ref('');
  const salon = shallowRef<Salon | null>(draft?.salon ?? null);
  /** House rules as typed, by path; what is not here has its starting value. */
  const rules = reactive<Rules>(draft?.rules ?? {});
  const { problems, trouble, clear, tell } = useProblems();
  const busy = ref(false);

  watch(offered, (now) => {
    if (now && !salon.value) {
      const here = countryHere(now.countries);
      const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
      salon.value = {
        name: '',
        country: here?.code ?? null,
        timeZone: here && !here.timeZones.includes(zone) ? here.timeZones[0]! : zone,
        currency: here?.currency ?? 'EUR',
        language,
        units: here?.units ?? 'metric',
        firstWeekday: here?.firstWeekday ?? 1,
        phone: null,
        vetPhone: null,
      };
    }
  });
  watch([salon, owner, rules], () => {
    if (salon.value) {
      texts.keep(DRAFT, JSON.stringify({ salon: salon.value, owner: owner.value, rules } satisfies Draft));
    }
  });

  const values = computed<Rules>(() => ({ ...(offered.value?.rules as Rules | undefined), ...rules }));

  function set(path: string, value: number | string | number[]): void {
    rules[path] = value;
    delete problems[path];
  }

  /** Amounts are typed as people write them and kept in whole hundredths; what is none is sent as it is and answered in words. */
  function sent(): Rules {
    return Object.fromEntries(
      Object.entries(rules).map(([path, value]) => {
        const cents = PRICED.some((table) => path.startsWith(`${table}.`)) && typeof value === 'string' ? figure(value) * 100 : null;
        return [path, cents === null || Number.isNaN(cents) ? value : Number(cents.toFixed(6))];
      }),
    );
  }

  async function open(key: string): Promise<Session | null> {
    if (busy.value || !salon.value) {
      return null;
    }
    busy.value = true;
    clear();
    try {
      const session = await api('post', '/api/set-up', {
        body: { key, salon: salon.value, owner: { name: owner.value, password: password.value }, rules: sent() },
      });
      texts.remove(DRAFT);
      return session;
    } catch (failure) {
      tell(failure, t('salon.noNetwork'));
      return null;
    } finally {
      busy.value = false;
    }
  }

  void loaded.refresh();
  return { loaded, offered, owner, password, salon, values, problems, trouble, busy, set, open };
}
