<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Zwindle\Read\JsonText;

/** The text of a board file as the raw body, so that a broken one gets the checker's own answer. */
final class StoreBoardFileRequest extends FormRequest
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

    public function instructor(): User
    {
        return $this->user();
    }
}
