<?php

declare(strict_types=1);

namespace App\Paper\Page;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\View;
use Zwindle\Catalogue\Practices\Practice;

/** A view as a PDF: Letter in North America, A4 in Britain, or whichever is asked for; nothing fetched from anywhere. */
final class Pdf
{
    /** A class of sixty seats with its tables takes a little over the usual 128 MB. */
    private const MEMORY = '512M';

    /** @param  array<string, mixed>  $data */
    public static function of(string $view, array $data, Practice $practice, string $title, ?string $size = null): string
    {
        return (string) self::laidOut($view, $data, $practice, $title, $size)->output();
    }

    /**
     * On how many pages it comes to lie.
     *
     * @param  array<string, mixed>  $data
     */
    public static function pagesOf(string $view, array $data, Practice $practice, ?string $size = null): int
    {
        return self::laidOut($view, $data, $practice, '', $size)->getCanvas()->get_page_count();
    }

    /** @param  array<string, mixed>  $data */
    private static function laidOut(string $view, array $data, Practice $practice, string $title, ?string $size): Dompdf
    {
        self::haveMemory();
        File::ensureDirectoryExists(storage_path('framework/cache'));
        $options = new Options;
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false);
        $options->setDefaultFont('Atkinson Hyperlegible')->setFontDir(resource_path('fonts/paper'))->setChroot(base_path());
        $options->setFontCache(storage_path('framework/cache'))->setTempDir(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper($size ?? $practice->paper);
        $pdf->loadHtml(View::make($view, [...$data, 'practice' => $practice, 'style' => self::style()])->render());
        $pdf->addInfo('Title', $title);
        $pdf->render();

        return $pdf;
    }

    /** What the pages look like, on paper and in their preview. */
    public static function style(): string
    {
        return File::get(resource_path('css/paper.css'));
    }

    /** Raises the limit where it is lower; never lowers one. */
    private static function haveMemory(): void
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));
        if ($limit > 0 && $limit < ini_parse_quantity(self::MEMORY)) {
            ini_set('memory_limit', self::MEMORY);
        }
    }
}
