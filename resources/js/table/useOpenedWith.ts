import { t } from '@/messages/words';
import { computed, type Ref, ref } from 'vue';
import type { CombCheck, OpenedWith, Payloads, SectionId, TableRun, TableSection, Visit } from '@/api/types';
import { say } from '@/messages/say';

interface Table {
  selected: Ref<SectionId | null>;
  sections: Ref<Visit['sections'] | null>;
  table: Ref<TableRun | null>;
  here: Ref<TableSection | null>;
  matted: Ref<boolean>;
  kind: Ref<string | null>;
  combed: (check: CombCheck) => void;
  record: (kind: 'mats_opened', payload: Payloads['mats_opened'], section: SectionId | null) => void;
}

/** What opened the mats of a place: asked for once when its comb passes, and said at the dog's next visit. */
export function useOpenedWith({ selected, sections, table, here, matted, kind, combed, record }: Table) {
  /** A place whose mats were opened a moment ago. */
  const opened = ref<SectionId | null>(null);

  const lastTime = computed(() => {
    const last = selected.value ? sections.value?.[selected.value].lastTime : null;
    return last && matted.value && !here.value?.done
      ? t('table.openedWith.last', { with: t(`table.openedWith.said.${last.openedWith}`), minutes: say.minutes(last.minutes) })
      : '';
  });

  function answered(check: CombCheck): void {
    const at = selected.value;
    const wasOpened = matted.value && ['demat', 'thin'].includes(kind.value ?? '');
    combed(check);
    opened.value = at && wasOpened && table.value?.sections[at].done ? at : opened.value;
  }

  function tell(openedWith: OpenedWith): void {
    record('mats_opened', { with: openedWith }, opened.value);
    opened.value = null;
  }

  return { opened, lastTime, answered, tell };
}
