<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** Sections alike in what was found and done, told together, with the reason: the worst first. */
final readonly class FoundRows
{
    /** @param array<string, mixed> $record */
    public function __construct(private Say $say, private array $record) {}

    /** @return list<array{grade: int|null, sections: list<string>, done: string, why: string}> */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->record['visit']['route'] as $section) {
            $grade = ((array) $this->record['visit']['sections'])[$section]['inForce'] ?? null;
            $done = $this->done($section);
            $why = implode(' ', array_filter([$this->ownGrade($section), $this->why($section)], fn(string $words): bool => $words !== ''));
            $key = "{$grade}|{$done}|{$why}";
            $rows[$key] ??= ['grade' => $grade, 'sections' => [], 'done' => $done, 'why' => $why];
            $rows[$key]['sections'][] = $section;
        }
        $rows = array_values($rows);
        usort($rows, fn(array $one, array $other): int => ($other['grade'] ?? -1) <=> ($one['grade'] ?? -1));

        return $rows;
    }

    private function done(string $section): string
    {
        $choice = $this->planned($section)['choice'] ?? null;
        if ($choice === null) {
            return $this->say->t('coat.said.notDecided');
        }
        $table = $this->record['visit']['table'];
        $isOpen = $table['begun'] && $choice !== 'leave' && ! (((array) $table['sections'])[$section]['done'] ?? false);
        $done = $this->say->done($choice);

        return $isOpen ? $this->say->t('record.row.notDone', ['done' => $done]) : $done;
    }

    /** Where the groomer graded otherwise than the rule, both grades and the reason. */
    private function ownGrade(string $section): string
    {
        ['own' => $own, 'grade' => $grade] = ((array) $this->record['visit']['sections'])[$section];

        return $own === null || $own['instead'] !== $grade ? '' : $this->say->t('record.row.graded', [
            'grade' => $this->say->grade($own['grade']),
            'by' => $own['by'],
            'instead' => $this->say->grade($own['instead']),
            'reason' => $own['reason'],
        ]);
    }

    /** Why a section is not simply brushed or opened: the rule that left no other way, or the groomer who chose. */
    private function why(string $section): string
    {
        $planned = $this->planned($section);
        $choice = $planned['choice'] ?? null;
        if ($planned === null || $choice === null || $choice === 'brush' || $choice === 'demat') {
            return '';
        }
        foreach ($planned['notOffered'] as $bar) {
            if ($bar['treatment'] === 'demat' || $bar['treatment'] === 'brush') {
                return $bar['says'];
            }
        }
        foreach (array_reverse($this->record['timeline']) as $mark) {
            if ($mark['kind'] === 'treatment_chosen' && $mark['section'] === $section && ! $mark['withdrawn'] && ! $mark['setApart']) {
                return $this->say->t('record.row.chosenBy', ['by' => $mark['by']]);
            }
        }
        $reason = ((array) $this->record['plan']['reasons'])[$section] ?? null;

        return $reason['says'] ?? '';
    }

    /** @return array<string, mixed>|null */
    private function planned(string $section): ?array
    {
        return ((array) $this->record['plan']['sections'])[$section] ?? null;
    }
}
