<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use Closure;
use stdClass;
use Zwindle\Format\Read\JsonText;

/** A request that carries a file as one of its members: the core reads it as it was sent, an empty object as an object. */
trait CarriesFile
{
    /** @return list<mixed> the rules of such a member; the core reports what is wrong inside */
    private function fileRules(string $member): array
    {
        return ['required', 'array', function (string $field, mixed $value, Closure $fail) use ($member): void {
            $text = $this->fileText($member);
            str_starts_with($text, '{') || $fail('validation.array')->translate();
            strlen($text) <= JsonText::MOST_BYTES || $fail(__('messages.too-large'));
        }];
    }

    private function fileText(string $member): string
    {
        $sent = json_decode((string) $this->getContent());
        $file = $sent instanceof stdClass ? $sent->{$member} ?? null : $this->input($member);

        return json_encode($file, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }
}
