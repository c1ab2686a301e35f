<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as PDF, by dompdf: with the application's own fonts, and nothing fetched from anywhere. */
final class SheetPdf
{
    /** Family, weight, style and file; letters of the second half of Latin lie in files of their own. */
    private const FONTS = [
        ['atkinson', 'normal', 'normal', 'atkinson-hyperlegible-next-latin-400'],
        ['atkinson', 'bold', 'normal', 'atkinson-hyperlegible-next-latin-700'],
        ['atkinson ext', 'normal', 'normal', 'atkinson-hyperlegible-next-latin-ext-400'],
        ['atkinson ext', 'bold', 'normal', 'atkinson-hyperlegible-next-latin-ext-700'],
        ['alegreya', 'normal', 'italic', 'alegreya-latin-800-italic'],
        ['alegreya ext', 'normal', 'italic', 'alegreya-latin-ext-800-italic'],
    ];

    public function make(string $html): string
    {
        $dompdf = new Dompdf($this->options());
        foreach (self::FONTS as [$family, $weight, $style, $file]) {
            $dompdf->getFontMetrics()->registerFont(compact('family', 'weight', 'style'), resource_path("fonts/{$file}.ttf"));
        }
        $dompdf->setPaper('A4');
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->render();

        return (string) $dompdf->output();
    }

    private function options(): Options
    {
        $fonts = storage_path('framework/fonts');
        is_dir($fonts) || mkdir($fonts, 0700, true);

        return new Options([
            'chroot' => [resource_path('fonts')],
            'fontDir' => $fonts,
            'fontCache' => $fonts,
            'tempDir' => $fonts,
            // Scripts and addresses in a client's words stay words.
            'isPhpEnabled' => false,
            'isRemoteEnabled' => false,
            'isJavascriptEnabled' => false,
            'isFontSubsettingEnabled' => true,
            'defaultFont' => 'atkinson',
        ]);
    }
}
