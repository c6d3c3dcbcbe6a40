<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practices\Practice;

final class StoreConvertedRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['to' => ['sometimes', 'string', Rule::in(array_keys($this->others()))]];
    }

    /** Null if none is named. */
    public function to(): ?Practice
    {
        return $this->others()[$this->string('to')->value()] ?? null;
    }

    /** @return array<string, Practice> */
    private function others(): array
    {
        $boardFile = $this->route('boardFile');

        return $boardFile instanceof BoardFile ? Practice::from($boardFile->practice)->others() : [];
    }

    public function instructor(): User
    {
        return $this->user();
    }
}
