<?php

declare(strict_types=1);

namespace App\Enums;

use Illuminate\Support\Facades\File;

/** The faces of drawings on paper: the product's own, and one that has nearly every letter for what the own one lacks. */
enum PaperFace: string
{
    case Own = 'Barlow Condensed';
    case StandIn = 'DejaVu Sans';

    /** As a drawing names it. */
    public function family(): string
    {
        return "$this->value, sans-serif";
    }

    /** Where the page maker finds its metrics, without their ending: in a drawing it knows a face by its file alone. */
    public function metrics(bool $isBold): string
    {
        return match ($this) {
            self::Own => resource_path('fonts/paper/barlow-condensed-'.($isBold ? '700' : '600')),
            self::StandIn => base_path('vendor/dompdf/dompdf/lib/fonts/DejaVuSans').($isBold ? '-Bold' : ''),
        };
    }

    /** A style sheet with the own face in it, for a drawing that is opened by another program. */
    public static function embedded(): string
    {
        $faces = '';
        foreach (['normal' => false, 'bold' => true] as $weight => $isBold) {
            $data = base64_encode(File::get(self::Own->metrics($isBold).'.ttf'));
            $faces .= "@font-face{font-family:'".self::Own->value."';font-weight:$weight;src:url(data:font/ttf;base64,$data)}";
        }

        return $faces;
    }
}
