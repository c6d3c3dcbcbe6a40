<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Models\BoardFile;
use App\Models\User;
use App\Queries\Boards\Patterns;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practices\Practice;

/** A new drawing: a bare one of a practice, one from a pattern, or a copy of a board of the library. */
final class StoreDrawingRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', BoardFile::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'practice' => ['required_without_all:copyOf,pattern', Rule::in(array_keys(Practice::all()))],
            'pattern' => ['sometimes', 'string', Rule::in(app(Patterns::class)->keys())],
            'copyOf' => ['sometimes', 'integer:strict'],
        ];
    }

    public function instructor(): User
    {
        return $this->user();
    }

    public function practice(): Practice
    {
        return Practice::from($this->string('practice')->value());
    }

    /** The pattern to begin with; null for none. */
    public function pattern(): ?string
    {
        return $this->filled('pattern') ? $this->string('pattern')->value() : null;
    }

    /** The board to copy; null for a bare one. */
    public function original(): ?BoardFile
    {
        $file = $this->filled('copyOf') ? BoardFile::query()->findOrFail($this->integer('copyOf')) : null;
        abort_if($file !== null && $this->user()?->cannot('view', $file), 404);

        return $file;
    }
}
