<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

/**
 * The coat chart for paper, from the screens' own geometry: flat tones and large numbers, as on a small screen, for a
 * printer knows no texture.
 */
final class CoatDrawing
{
    /** As the screens' style has them: a grade's hair, and what its seams and numbers stand out with. */
    private const TONES = [
        'u' => ['#fdfbf5', '#cbc1ac'],
        '0' => ['#f0e0b8', '#cbb074'],
        '1' => ['#e5c67f', '#b38a35'],
        '2' => ['#d5a146', '#8a5c1c'],
        '3' => ['#bd6f33', '#6c3516'],
        '4' => ['#914232', '#561b21'],
        '5' => ['#43203e', '#29102a'],
    ];

    private const INK = '#12343b';

    private const SEAM = '#fbf7ee';

    private const QUIET = ['#f1ebdd', '#b4b9af'];

    private const HALO = '#ddd3bf';

    /** @var array<string, mixed>|null */
    private static ?array $geometry = null;

    /**
     * @param array<string, array{tone: string, text: string|null, mark: string|null, isPinned: bool}> $sections by section id
     *
     * @return string SVG of 620 by 640 units
     */
    public static function svg(array $sections, float $coatMm): string
    {
        $geometry = self::$geometry ??= json_decode(
            (string) file_get_contents(resource_path('chart/geometry.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $halo = min(22.0, 2.0 + $coatMm * 0.17);
        $parts = [
            self::path($geometry['halo'], self::HALO, self::HALO, $halo),
            self::path($geometry['quietOutline'], self::QUIET[0], self::QUIET[1], 1.3),
            self::path($geometry['quietLines'], 'none', self::QUIET[1], 1.3),
        ];
        foreach ($geometry['sections'] as $id => $shape) {
            $parts[] = self::section($shape['path'], $sections[$id]['tone']);
        }
        $parts[] = self::path($geometry['toes'], 'none', self::QUIET[1], 1.6);
        $parts[] = self::path($geometry['nose'], self::INK, self::SEAM, 1.4);
        foreach ([[159.6, 80.2], [208.4, 80.2]] as [$x, $y]) {
            $parts[] = "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"4.6\" fill=\"".self::INK.'"/>';
        }
        foreach ($geometry['sections'] as $id => $shape) {
            $parts[] = self::told($shape, $sections[$id]);
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 620 640" width="620" height="640">'.implode('', $parts).'</svg>';
    }

    /** A patch of coat at one grade, for a list. */
    public static function swatch(?int $grade): string
    {
        [$fill, $edge] = self::TONES[$grade ?? 'u'];

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 30 20" width="30" height="20">'
            ."<rect x=\"1\" y=\"1\" width=\"28\" height=\"18\" rx=\"3\" fill=\"{$fill}\" stroke=\"{$edge}\" stroke-width=\"1.5\"/></svg>";
    }

    private static function section(string $path, string $tone): string
    {
        return match ($tone) {
            'leave' => self::path($path, self::SEAM, self::INK, 1.6, '3 3'),
            'again' => self::path($path, self::TONES['u'][0], '#2148c7', 3.0, '6 4'),
            'u' => self::path($path, self::TONES['u'][0], self::TONES['u'][1], 1.3),
            default => self::path($path, self::TONES[$tone][0], self::SEAM, 1.9),
        };
    }

    /**
     * @param array<string, mixed> $shape
     * @param array{tone: string, text: string|null, mark: string|null, isPinned: bool} $section
     */
    private static function told(array $shape, array $section): string
    {
        [$x, $y] = $shape['anchor'];
        $size = $shape['small'] ? 22 : 26;
        $isDark = in_array($section['tone'], ['3', '4', '5'], true);
        $said = '';
        if ($section['mark'] !== null) {
            $said .= self::mark($section['mark'], $x, $section['text'] === null ? $y : $y - 12);
            $y += $section['text'] === null ? 0 : 14;
        }
        if ($section['text'] !== null) {
            $said .= self::text($section['text'], $x, $y + $size * 0.35, $size, $isDark ? '#ffffff' : self::INK);
        }

        return $section['isPinned'] ? $said.self::text('*', $x + 19, $y - 6, 26, $isDark ? '#ffffff' : self::INK) : $said;
    }

    /** A small sign: the blade, an opened mat, or a place that is left alone. */
    private static function mark(string $mark, float $x, float $y): string
    {
        $drawn = match ($mark) {
            'clip' => 'M-8,-5H8V-1H-8ZM-3.4,-1V7H3.4V-1',
            'thin', 'demat' => 'M-7,-6V0H7V-6M-3.5,-6V0M0,-6V7M3.5,-6V0',
            'leave' => 'M-5,-5L5,5M5,-5L-5,5',
            default => 'M-6,0L-2,5L7,-6',
        };

        [$ink, $seam] = [self::INK, self::SEAM];

        return "<g transform=\"translate({$x} {$y})\">"
            ."<rect x=\"-11\" y=\"-10\" width=\"22\" height=\"20\" rx=\"5\" fill=\"{$seam}\" stroke=\"{$ink}\" stroke-width=\"1\"/>"
            ."<path d=\"{$drawn}\" fill=\"none\" stroke=\"{$ink}\" stroke-width=\"2\"/></g>";
    }

    private static function text(string $text, float $x, float $y, int $size, string $fill): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-family=\"sans-serif\" font-size=\"{$size}\" font-weight=\"bold\" text-anchor=\"middle\""
            ." fill=\"{$fill}\">".e($text).'</text>';
    }

    private static function path(string $path, string $fill, string $stroke, float $width, ?string $dashes = null): string
    {
        $dashed = $dashes === null ? '' : " stroke-dasharray=\"{$dashes}\"";

        return "<path d=\"{$path}\" fill=\"{$fill}\" stroke=\"{$stroke}\" stroke-width=\"{$width}\" stroke-linejoin=\"round\"{$dashed}/>";
    }
}
