<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use App\Words\Say;
use HoundCheck\Core\Coat\Section;

/** What the two charts of a sheet show: found before, and what was planned or, once begun, done. */
final readonly class SheetCharts
{
    /** @param array<string, mixed> $record */
    public function __construct(private Say $say, private array $record) {}

    /** @return array<string, array{tone: string, text: string|null, mark: string|null, isPinned: bool}> by section id */
    public function before(): array
    {
        $pinned = array_column(
            array_filter($this->record['visit']['findings'], fn(array $finding): bool => ! $finding['closed']),
            'section',
        );

        return $this->each(fn(string $section): array => [
            'tone' => $this->tone($section),
            'text' => $this->gradeText($section),
            'mark' => null,
            'isPinned' => in_array($section, $pinned, true),
        ]);
    }

    /** @return array<string, array{tone: string, text: string|null, mark: string|null, isPinned: bool}> by section id */
    public function after(): array
    {
        return $this->record['visit']['table']['begun'] ? $this->each($this->done(...)) : $this->each($this->planned(...));
    }

    /** @return array{tone: string, text: string|null, mark: string|null, isPinned: bool} */
    private function planned(string $section): array
    {
        $choice = ((array) $this->record['plan']['sections'])[$section]['choice'] ?? null;
        $mm = Say::clipMm($choice);

        return [
            'tone' => $this->tone($section),
            'text' => $mm === null ? null : $this->say->lengthFigure($mm),
            'mark' => match (true) {
                $mm !== null => 'clip',
                in_array($choice, ['thin', 'demat', 'leave'], true) => $choice,
                default => null,
            },
            'isPinned' => false,
        ];
    }

    /** @return array{tone: string, text: string|null, mark: string|null, isPinned: bool} */
    private function done(string $section): array
    {
        $here = ((array) $this->record['visit']['table']['sections'])[$section];
        $cutMm = $here['done'] ? $here['clippedMm'] : null;

        return [
            'tone' => match (true) {
                $here['done'] => '0',
                $here['held'] => 'leave',
                default => $here['grade'] === null ? 'u' : (string) $here['grade'],
            },
            'text' => match (true) {
                $cutMm !== null => $this->say->lengthFigure((float) $cutMm),
                $here['done'] || $here['held'] || $here['grade'] === null => null,
                default => (string) $here['grade'],
            },
            'mark' => match (true) {
                $cutMm !== null => 'clip',
                $here['held'] => 'leave',
                $here['done'] => 'done',
                default => null,
            },
            'isPinned' => false,
        ];
    }

    private function tone(string $section): string
    {
        $here = ((array) $this->record['visit']['sections'])[$section];

        return match (true) {
            $here['leaveAlone'] => 'leave',
            $here['verdict'] === 'comb_again' => 'again',
            $here['inForce'] === null => 'u',
            default => (string) $here['inForce'],
        };
    }

    private function gradeText(string $section): ?string
    {
        return is_numeric($this->tone($section)) ? $this->tone($section) : null;
    }

    /**
     * @param \Closure(string): array{tone: string, text: string|null, mark: string|null, isPinned: bool} $drawn
     *
     * @return array<string, array{tone: string, text: string|null, mark: string|null, isPinned: bool}>
     */
    private function each(\Closure $drawn): array
    {
        $sections = array_column(Section::cases(), 'value');

        return array_combine($sections, array_map($drawn, $sections));
    }
}
