import type { MarkKind, SectionId, Weeks } from '@/api/types';
import { shares } from './shares';
import { KG_PER_POUND, MM_PER_INCH, salon } from './salon';
import { t, type Key, type Words } from './words';

/** Which region's dates and figures a language is written with. */
const region = (): string => t('say.region');

/** A figure with at most so many places after the comma. */
function figureOf(value: number, places: number): string {
  return new Intl.NumberFormat(region(), { maximumFractionDigits: places, useGrouping: false }).format(value);
}

/** Small sentences made from the API's typed values. */
export const say = {
  part(section: SectionId): string {
    const paired = /_[lr]$/.test(section);
    return t(`coat.parts.${(paired ? section.slice(0, -2) : section) as keyof Words['coat']['parts']}`);
  },

  side(section: SectionId): string | null {
    return section.endsWith('_l') ? t('coat.side.l') : section.endsWith('_r') ? t('coat.side.r') : null;
  },

  /** "Breeches, left" */
  section(section: SectionId): string {
    const side = this.side(section);
    return side ? t('say.side', { part: this.part(section), side }) : this.part(section);
  },

  /** "Skin: breeches, left" */
  titled(what: string, section: SectionId): string {
    return t('say.titled', { what, section: this.within(this.section(section)) });
  },

  /** A label as it stands inside a sentence: English writes it small, German keeps its nouns as they are. */
  within(label: string): string {
    return t('say.labelsWithin') === 'lower' ? label.toLowerCase() : label;
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
      const part = this.within(this.part(section));
      const side = this.side(section);
      if (twin && rest.has(twin)) {
        rest.delete(twin);
        words.push(t('say.both', { part }));
      } else {
        words.push(side ? t('say.sideWithin', { part, side }) : part);
      }
    }
    return words.join(', ');
  },

  /** "Tail: comb check" */
  mark(mark: { kind: MarkKind; section?: SectionId | null }): string {
    const kind = t(`visit.markKinds.${mark.kind}`);
    return mark.section ? t('say.mark', { section: this.section(mark.section), kind: this.within(kind) }) : kind;
  },

  grade(grade: number): string {
    return t('say.grade', { grade, name: t(`coat.grades.${grade}` as Key) });
  },

  /** "clipped to 6.3 mm" */
  done(code: string): string {
    return code.startsWith('clip:')
      ? t('say.done.clip', { length: this.mm(Number(code.slice(5))) })
      : t(`say.done.${code as 'brush' | 'demat' | 'thin' | 'leave'}`);
  },

  money(cents: number, currency: string): string {
    return new Intl.NumberFormat(region(), { style: 'currency', currency, minimumFractionDigits: cents % 100 === 0 ? 0 : 2 }).format(
      cents / 100,
    );
  },

  /** "16–31 wk", a rule of thumb. */
  weeks(weeks: Weeks): string {
    return t('say.weeks', { weeks: this.range(weeks ?? { from: 0, to: 0 }) });
  },

  /** "3 min", "under a minute" */
  spent(seconds: number): string {
    return seconds < 60 ? t('say.underAMinute') : t('say.minutes', { minutes: Math.floor(seconds / 60) });
  },

  /** A sentence begins with a capital. */
  start(words: string): string {
    return words.charAt(0).toLocaleUpperCase(region()) + words.slice(1);
  },

  age(months: number): string {
    return months < 24 ? t('say.age.months', { months }) : t('say.age.years', { years: Math.floor(months / 12) });
  },

  /** "28–43" */
  range(estimate: { from: number; to: number }): string {
    const [from, to] = [Math.round(estimate.from), Math.round(estimate.to)];
    return from === to ? String(to) : `${from}–${to}`;
  },

  /** "less than a minute", "8 min" */
  aboutMinutes(minutes: number): string {
    return minutes < 0.75 ? t('say.lessThanAMinute') : this.minutes(minutes);
  },

  /** "5:40" */
  stopwatch(seconds: number): string {
    const whole = Math.floor(seconds);
    return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
  },

  /** "50 min", from an hour and a half on "2 h 40" */
  duration(minutes: number): string {
    const whole = minutes < 90 ? Math.round(minutes) : 5 * Math.round(minutes / 5);
    return whole < 90 ? this.minutes(whole) : t('say.hours', { hours: Math.floor(whole / 60), minutes: whole % 60 });
  },

  minutes(minutes: number): string {
    return t('say.minutes', { minutes: Math.round(minutes) });
  },

  /** Pulling, to a tenth. */
  pulling(minutes: number): string {
    return minutes === 0 ? '0' : minutes < 0.1 ? t('say.underATenth', { tenth: this.tenths(0.1) }) : this.tenths(minutes);
  },

  /** "8.0" */
  tenths(value: number): string {
    return new Intl.NumberFormat(region(), { minimumFractionDigits: 1, maximumFractionDigits: 1, useGrouping: false }).format(value);
  },

  /** "1.25" */
  factor(value: number): string {
    return new Intl.NumberFormat(region(), { minimumFractionDigits: 2, maximumFractionDigits: 2 }).format(value);
  },

  /** "12.3", "12" */
  tenth(value: number): string {
    return figureOf(value, 1);
  },

  /** A figure as the language writes it, with up to two places. */
  figure(value: number): string {
    return figureOf(value, 2);
  },

  /** A length in the salon's unit: "6.3 mm", "0.25 in" */
  mm(mm: number): string {
    return t(salon.units === 'imperial' ? 'say.inch' : 'say.mm', { length: this.lengthFigure(mm) });
  },

  /** The same where the unit is told beside it: "6.3", "0.25" */
  lengthFigure(mm: number): string {
    return salon.units === 'imperial' ? figureOf(mm / MM_PER_INCH, mm < MM_PER_INCH ? 2 : 1) : figureOf(mm, 1);
  },

  /** A weight in the salon's unit: "23.5 kg", "51.8 lb" */
  kg(kg: number, units = salon.units): string {
    return units === 'imperial' ? t('say.pound', { weight: figureOf(kg / KG_PER_POUND, 1) }) : t('say.kg', { weight: figureOf(kg, 2) });
  },

  /** What a field of lengths, and one of weights, is given in. */
  unit(kind: 'length' | 'weight'): string {
    const imperial = salon.units === 'imperial';
    return kind === 'length' ? t(imperial ? 'ui.inch' : 'ui.mm') : t(imperial ? 'ui.pound' : 'ui.kg');
  },

  /** What somebody wrote, as they wrote it. */
  quoted(text: string): string {
    return t('say.quoted', { text });
  },

  percent(part: number): string {
    return t('say.percent', { part: Math.round(part * 100) });
  },

  /** "4.2 %" */
  tenthOfPercent(part: number): string {
    return t('say.percent', { part: figureOf(part * 100, 1) });
  },

  /** "a tenth of it", "33 % of it" */
  share(share: number): string {
    const named = shares.find((one) => Math.abs(one.share - share) < 0.001);
    return named ? t(`say.share.${named.name}`) : t('say.share.part', { percent: Math.round(share * 100) });
  },

  /** A language by its own name: "Deutsch" */
  language(code: string): string {
    const name = new Intl.DisplayNames([code], { type: 'language' }).of(code) ?? code;
    return name.charAt(0).toLocaleUpperCase(code) + name.slice(1);
  },

  time(iso: string): string {
    return new Date(iso).toLocaleTimeString(region(), { hour: 'numeric', minute: '2-digit', timeZone: salon.timeZone });
  },

  day(iso: string): string {
    return new Date(iso).toLocaleDateString(region(), { weekday: 'long', day: 'numeric', month: 'long', timeZone: salon.timeZone });
  },

  /** "Thursday" */
  weekdayName(iso: string): string {
    return new Date(iso).toLocaleDateString(region(), { weekday: 'long', timeZone: 'UTC' });
  },

  /** "Thu 11" */
  weekDay(iso: string): string {
    return new Date(iso).toLocaleDateString(region(), { weekday: 'short', day: 'numeric', timeZone: salon.timeZone });
  },

  shortDay(iso: string): string {
    return new Date(iso).toLocaleDateString(region(), { day: 'numeric', month: 'long', timeZone: salon.timeZone });
  },

  /** "11 Dec 24" */
  dayAndYear(iso: string): string {
    return new Date(iso).toLocaleDateString(region(), { day: 'numeric', month: 'short', year: '2-digit', timeZone: salon.timeZone });
  },

  /** "14:05" on the same day of the salon's as another moment, else "10 June, 9:12". */
  moment(iso: string, besides: string): string {
    return this.shortDay(iso) === this.shortDay(besides)
      ? this.time(iso)
      : t('say.dayTime', { day: this.shortDay(iso), time: this.time(iso) });
  },

  /** "at 14:05" today, else "on 9 June at 14:05" */
  when(ms: number): string {
    const iso = new Date(ms).toISOString();
    const today = this.shortDay(iso) === this.shortDay(new Date().toISOString());
    return today ? t('say.at', { time: this.time(iso) }) : t('say.onAt', { day: this.shortDay(iso), time: this.time(iso) });
  },
};
