<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Files that are taken away are named for the class, the task or the board that they are of, and for what they are. */
trait NamesFiles
{
    private const TYPES = [
        'csv' => 'text/csv; charset=UTF-8',
        'pdf' => 'application/pdf',
        'json' => 'application/json',
        'wiring.json' => 'application/json',
        'jpg' => 'image/jpeg',
    ];

    private const MOST_LETTERS = 100;

    /**
     * @param  string  $ending  of the name
     * @param  string|null  ...$parts  of the name, the largest first; empty ones are left out
     * @return array<string, string> headers
     */
    private function named(string $ending, ?string ...$parts): array
    {
        return ['Content-Type' => self::TYPES[$ending], ...$this->disposition(HeaderUtils::DISPOSITION_ATTACHMENT, $ending, $parts)];
    }

    /**
     * The same for what a browser shows.
     *
     * @return array<string, string> headers
     */
    private function shown(string $ending, ?string ...$parts): array
    {
        return ['Content-Type' => self::TYPES[$ending], ...$this->disposition(HeaderUtils::DISPOSITION_INLINE, $ending, $parts)];
    }

    /**
     * @param  array<string|null>  $parts
     * @return array<string, string>
     */
    private function disposition(string $how, string $ending, array $parts): array
    {
        $clean = fn (?string $part): string => trim(preg_replace('#[\p{Cc}/\\\\%:*?"<>|]+#u', ' ', (string) $part) ?? '');
        $said = array_filter(array_map($clean, $parts));
        $name = mb_substr(implode(', ', $said), 0, self::MOST_LETTERS).".$ending";
        $plain = Str::slug(Str::ascii(implode(' ', $said))) ?: 'zwindle';

        return ['Content-Disposition' => HeaderUtils::makeDisposition($how, $name, mb_substr($plain, 0, self::MOST_LETTERS).".$ending")];
    }
}
