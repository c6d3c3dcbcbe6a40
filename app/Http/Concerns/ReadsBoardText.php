<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Models\BoardFile;
use Zwindle\Format\Read\JsonText;

/** A request of an instructor whose raw body is the text of a board file, so that a broken one gets the core's own answer. */
trait ReadsBoardText
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', BoardFile::class) ?? false;
    }

    /** @return array<string, mixed> the body is the core's to read, not the framework's */
    public function validationData(): array
    {
        return [];
    }

    public function text(): string
    {
        return (string) stream_get_contents($this->getContent(true), JsonText::MOST_BYTES + 1);
    }
}
