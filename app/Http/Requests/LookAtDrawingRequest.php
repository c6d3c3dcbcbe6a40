<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BoardFile;
use Illuminate\Foundation\Http\FormRequest;
use Zwindle\Read\JsonText;

/** The text of a drawing as the raw body, for the planner to look at; nothing is stored. */
final class LookAtDrawingRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', BoardFile::class) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
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
