<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class UpdateBoardFileRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['sometimes', 'required', 'string', 'max:200'], 'archived' => ['sometimes', 'boolean:strict']];
    }

    /** Null if it stays. */
    public function title(): ?string
    {
        return $this->has('title') ? $this->string('title')->squish()->value() : null;
    }
}
