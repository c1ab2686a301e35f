import type { GroomerClock, ArrivalWarning, Finding, MarkKind, NotOffered, SectionId, SectionReason, Weeks } from '@/api/types';
import { en } from './en';
import { zone } from './zone';

/** Small sentences made from the API's typed values. */
export const say = {
  text: en,

  part(section: SectionId): string {
    const paired = /_[lr]$/.test(section);
    return en.parts[(paired ? section.slice(0, -2) : section) as keyof typeof en.parts];
  },

  /** "Breeches, left" */
  section(section: SectionId): string {
    const side = section.endsWith('_l') ? en.side.l : section.endsWith('_r') ? en.side.r : null;
    return side ? `${this.part(section)}, ${side}` : this.part(section);
  },

  /** "2 to 7 days apart" */
  daysApart(words: string, apart: { daysFrom: number; daysTo: number }): string {
    return words.replace('{from}', String(apart.daysFrom)).replace('{to}', String(apart.daysTo));
  },

  /** "Visit 1 of 2" */
  visitOf(words: string, split: { visit: number; of: number }): string {
    return words.replace('{visit}', String(split.visit)).replace('{of}', String(split.of));
  },

  /** What a client is told of work that is divided among visits. */
  split(split: { visit: number; of: number; later: SectionId[]; daysFrom: number; daysTo: number } | null): string[] {
    return split === null
      ? []
      : [this.visitOf(this.daysApart(en.split.client, split), split).replace('{sections}', this.sections(split.later)), en.split.home];
  },

  /** How the bath goes round a place that is left alone. */
  heldWay(way: 'kept_dry' | 'water_only', section: SectionId): string {
    return en.table.heldWays[way].done.replace('{section}', this.section(section));
  },

  /** "behind the ear left, tail" */
  sections(sections: readonly SectionId[]): string {
    const rest = new Set(sections);
    const words: string[] = [];
    for (const section of sections) {
      const twin = section.endsWith('_l') ? (`${section.slice(0, -2)}_r` as SectionId) : null;
      if (!rest.has(section)) {
        continue;
      }
      rest.delete(section);
      const part = this.part(section).toLowerCase();
      if (twin && rest.has(twin)) {
        rest.delete(twin);
        words.push(`${part} left and right`);
      } else {
        words.push(this.section(section).toLowerCase().replace(',', ''));
      }
    }
    return words.join(', ');
  },

  /** "Tail: comb check" */
  mark(mark: { kind: MarkKind; section?: SectionId | null }): string {
    const kind = en.markKinds[mark.kind];
    return mark.section ? `${this.section(mark.section)}: ${kind.toLowerCase()}` : kind;
  },

  grade(grade: number): string {
    return `${grade} ${en.grades[grade]}`;
  },

  treatment(code: string): string {
    return code.startsWith('clip:') ? `${en.clipTo} ${code.slice(5)} mm` : en.treatments[code as keyof typeof en.treatments];
  },

  done(code: string): string {
    const words: Record<string, string> = { brush: 'brushed', demat: 'opened by hand, kept', thin: 'thinned, kept', leave: 'left alone' };
    return code.startsWith('clip:') ? `clipped to ${code.slice(5)} mm` : words[code];
  },

  bar(bar: NotOffered): string {
    const figure = (value: number | null): string => (value === null ? '' : String(Math.round(value * 10) / 10));
    return en.bars[bar.reason].replace('{found}', figure(bar.found)).replace('{limit}', figure(bar.limit));
  },

  /** What an arrival answer means for today. */
  warning(warning: ArrivalWarning, name: string): { title: string; text: string } {
    const fill = (words: string): string =>
      words
        .replace('{name}', name)
        .replace('{days}', String(warning.days))
        .replace('{stops}', String(Math.round(warning.expectedStops ?? 0)))
        .replace('{mats}', String(Math.round(warning.expectedMats ?? 0)))
        .replace('{gear}', warning.gear ? en.gear[warning.gear] : '')
        .replace('{sections}', this.sections(warning.sections));
    const words = en.warnings[warning.concern];
    // Washed over, every knot is a mat: the two figures are one.
    const allMats = warning.expectedStops !== null && Math.round(warning.expectedStops) === Math.round(warning.expectedMats ?? 0);
    return { title: fill(words.title), text: fill(allMats ? en.warnings.all_mats.text : words.text) };
  },

  /** Why a section is treated as it is, in a sentence that a client understands. */
  why(reason: SectionReason): string {
    const tenth = (value: number | null): string => (value === null ? '' : String(Math.round(value * 10) / 10));
    return en.why[reason.why]
      .replace('{bar}', reason.bar ? this.bar({ treatment: 'demat', reason: reason.bar, found: reason.openingTension, limit: null }) : '')
      .replace('{lift}', reason.liftMm === null ? '' : en.whyLift.replace('{mm}', tenth(reason.liftMm)))
      .replace('{opening}', this.pulling(reason.openingTension ?? 0))
      .replace('{spared}', this.pulling(reason.sparedTension ?? 0))
      .replace('{matches}', reason.matches ? en.evenGroups[reason.matches] : '')
      .trim();
  },

  money(cents: number, currency: string): string {
    return new Intl.NumberFormat('en-GB', { style: 'currency', currency, minimumFractionDigits: cents % 100 === 0 ? 0 : 2 }).format(
      cents / 100,
    );
  },

  /** Pulling in plain words, for a client. */
  plainPulling(minutes: number): string {
    return minutes < 1.5 ? en.client.pulling.none : minutes < 10 ? en.client.pulling.some : en.client.pulling.much;
  },

  /** "16–31 wk", a rule of thumb. */
  weeks(weeks: Weeks): string {
    const [from, to] = weeks === null ? [0, 0] : [Math.round(weeks.from), Math.round(weeks.to)];
    return from === to ? `${to} wk` : `${from}–${to} wk`;
  },

  /** "3 min", "under a minute" */
  spent(seconds: number): string {
    return seconds < 60 ? 'under a minute' : `${Math.floor(seconds / 60)} min`;
  },

  /** "Touch on the chart where …. 3 places felt." */
  felt(places: number): string {
    const { on, count } = say.text.feeling;
    return places === 0 ? on : `${on} ${places === 1 ? count.one : count.other.replace('{places}', String(places))}`;
  },

  /** What a finding asks of the hands; empty: nothing beside its name. */
  findingCare(kind: Finding['kind']): string {
    const care: Partial<Record<Finding['kind'], string>> = en.findingCare;
    return care[kind] ?? '';
  },

  /** A sentence begins with a capital. */
  start(words: string): string {
    return words.charAt(0).toUpperCase() + words.slice(1);
  },

  age(months: number): string {
    return months < 24 ? `${months} months` : `${Math.floor(months / 12)} y`;
  },

  /** "28–43" */
  range(estimate: { from: number; to: number }): string {
    const [from, to] = [Math.round(estimate.from), Math.round(estimate.to)];
    return from === to ? String(to) : `${from}–${to}`;
  },

  /** "less than a minute", "8 min" */
  aboutMinutes(minutes: number): string {
    return minutes < 0.75 ? 'less than a minute' : this.minutes(minutes);
  },

  /** "5:40" */
  stopwatch(seconds: number): string {
    const whole = Math.floor(seconds);
    return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
  },

  /** What a correction rests on, in a sentence. */
  clock(clock: GroomerClock): string {
    const coat = en.coats[clock.coat].toLowerCase();
    if (clock.sections === 0) {
      return `Nobody has timed ${clock.groomer || 'this groomer'} on a ${coat} coat yet: the house’s own range.`;
    }
    const off = clock.off === null ? '' : ` The last 20 were off by ${Math.round(clock.off * 100)} % in the middle.`;
    return `${clock.groomer} on ${coat} coats: ${clock.factor.toFixed(2)} times the house’s forecast, from ${clock.sections} finished sections.${off}`;
  },

  guard(guard: { kind: keyof typeof en.table.guards; found: number | null }): string {
    return en.table.guards[guard.kind].replace('{found}', guard.found === null ? '' : String(Math.round(guard.found * 10) / 10));
  },

  minutes(minutes: number): string {
    return `${Math.round(minutes)} min`;
  },

  /** Pulling, to a tenth. */
  pulling(minutes: number): string {
    return minutes === 0 ? '0' : minutes < 0.1 ? 'under 0.1' : (Math.round(minutes * 10) / 10).toFixed(1);
  },

  percent(part: number): string {
    return `${Math.round(part * 100)} %`;
  },

  share(share: number): string {
    const named = en.shareAnswers.find((answer) => Math.abs(answer.value - share) < 0.001);
    return named ? `${named.say.toLowerCase()} of it` : `${Math.round(share * 100)} % of it`;
  },

  time(iso: string): string {
    return new Date(iso).toLocaleTimeString('en-GB', { hour: 'numeric', minute: '2-digit', timeZone: zone.name });
  },

  day(iso: string): string {
    return new Date(iso).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone.name });
  },

  shortDay(iso: string): string {
    return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: zone.name });
  },

  /** "14:05" on the same day of the salon's as another moment, else "10 June, 9:12". */
  moment(iso: string, besides: string): string {
    return this.shortDay(iso) === this.shortDay(besides) ? this.time(iso) : `${this.shortDay(iso)}, ${this.time(iso)}`;
  },

  /** "at 14:05" today, else "on 9 June at 14:05" */
  when(ms: number): string {
    const iso = new Date(ms).toISOString();
    const today = this.shortDay(iso) === this.shortDay(new Date().toISOString());
    return today ? `at ${this.time(iso)}` : `on ${this.shortDay(iso)} at ${this.time(iso)}`;
  },
};
