import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { HouseRules, HouseRulesVersion, RuleField, RuleValue } from '@/api/types';
import { figure } from '@/messages/options';
import { mmAmong } from '@/messages/salon';
import { texts } from '@/device/texts';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';

const DRAFT = 'hound-check.house-draft';

/** What was typed before, if it can still be read. */
function draft(): Record<string, RuleValue> {
  try {
    return JSON.parse(texts.get(DRAFT) ?? '{}') as Record<string, RuleValue>;
  } catch {
    return {};
  }
}

/** The house rules as the owner changes them: what was typed is kept on this device until it is saved or dropped. */
export function useHouseRules() {
  const loaded = useLoader<HouseRules>({
    async ask() {
      const answer = await api('get', '/api/house-rules');
      await loadVersions(1);
      return answer;
    },
  });
  const { value: rules } = loaded;
  const versions = shallowRef<HouseRulesVersion[]>([]);
  const nextPage = ref<number | null>(null);
  const typed = reactive<Record<string, RuleValue>>(draft());
  const problems = reactive<Record<string, string>>({});
  const trouble = ref('');
  const saved = ref('');
  const saving = ref(false);

  const fields = computed(() => new Map((rules.value?.fields ?? []).map((field) => [field.path, field])));
  const same = (one: RuleValue, other: RuleValue): boolean => JSON.stringify(one) === JSON.stringify(other);
  /** Fields whose typed value differs from what is in force. */
  const changed = computed(() => (rules.value ? Object.keys(typed).filter((path) => !same(read(path), inForce(path))) : []));

  watch(typed, (now) => {
    if (Object.keys(now).length > 0) {
      texts.keep(DRAFT, JSON.stringify(now));
    } else {
      texts.remove(DRAFT);
    }
  });

  const inForce = (path: string): RuleValue => there(there(rules.value).values[path]);

  function valueOf(path: string): RuleValue {
    return typed[path] ?? inForce(path);
  }

  /** Lengths that stand in a rule, in mm. */
  const lengthsAt = (path: string): number[] =>
    [valueOf(path), there(there(rules.value).start[path])].flat().filter((one): one is number => typeof one === 'number');

  /** What was typed, as the server wants it; what is no figure goes as it is and is sent back with what to put there. */
  function read(path: string): RuleValue {
    const value = valueOf(path);
    const field = fields.value.get(path);
    const kind = field?.kind;
    if (kind === 'number' && typeof value === 'string') {
      const number = figure(value);
      // Amounts are typed as people write them and kept in whole hundredths.
      if (Number.isNaN(number)) {
        return value;
      }
      return field?.unit === 'cents' ? Number((number * 100).toFixed(6)) : field?.unit === 'mm' ? mmAmong(number, lengthsAt(path)) : number;
    }
    if (kind === 'lengths' && typeof value === 'string') {
      return value
        .split(/[;\s]+|,(?!\d)/)
        .filter((part) => part.trim() !== '')
        .map((part) => (Number.isNaN(figure(part)) ? part : mmAmong(figure(part), lengthsAt(path))));
    }
    return value;
  }

  function set(path: string, value: RuleValue): void {
    typed[path] = value;
    delete problems[path];
    saved.value = '';
    if (same(read(path), inForce(path))) {
      delete typed[path];
    }
  }

  function drop(): void {
    Object.keys(typed).forEach((path) => delete typed[path]);
    Object.keys(problems).forEach((path) => delete problems[path]);
    trouble.value = '';
  }

  async function loadVersions(page: number): Promise<void> {
    const answer = await api('get', '/api/house-rules/versions', { query: { page } });
    versions.value = page === 1 ? answer.versions : [...versions.value, ...answer.versions];
    nextPage.value = answer.nextPage;
  }

  async function save(note: string): Promise<boolean> {
    const changes = Object.fromEntries(changed.value.map((path) => [path, read(path)]));
    return write({ changes, note: note.trim() || null }, drop);
  }

  async function putBack(version: number): Promise<boolean> {
    return write({ putBack: version }, drop);
  }

  async function write(body: Record<string, unknown>, then: () => void): Promise<boolean> {
    saving.value = true;
    const done = await guarded(async () => {
      const before = rules.value!.version;
      rules.value = await api('post', '/api/house-rules', { body: { base: before, ...body } });
      then();
      saved.value = rules.value.version === before ? t('house.nothingDifferent') : t('house.savedAs', { version: rules.value.version });
      await loadVersions(1);
    });
    saving.value = false;
    return done;
  }

  /** Says what went wrong; what was typed stays. Somebody else's version is fetched, so that saving again is on top of it. */
  async function guarded(what: () => Promise<void>): Promise<boolean> {
    trouble.value = '';
    try {
      await what();
      return true;
    } catch (failure) {
      if (useSession().endsBy(failure)) {
        return false;
      }
      if (failure instanceof Unreachable) {
        trouble.value = t('house.noNetworkSave');
      } else if (failure instanceof Refused) {
        trouble.value = failure.message;
        Object.entries(failure.problem.fields ?? {}).forEach(([path, says]) => (problems[path] = says[0] ?? ''));
        if (failure.status === 409) {
          rules.value = await api('get', '/api/house-rules');
          await loadVersions(1);
        }
      } else {
        throw failure;
      }
      return false;
    }
  }

  void loaded.refresh();

  return {
    ...{ rules, versions, nextPage, problems, trouble, saved, saving, changed, fields },
    ...{ valueOf, set, drop, save, putBack, loaded, more: () => guarded(() => loadVersions(nextPage.value!)) },
    isStart: (field: RuleField): boolean => same(read(field.path), there(there(rules.value).start[field.path])),
  };
}
