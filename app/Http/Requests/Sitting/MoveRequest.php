<?php

declare(strict_types=1);

namespace App\Http\Requests\Sitting;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Exam\Sitting\SittingMove;

/** One move, with one person or with a whole exam. */
final class MoveRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->route('attempt') !== null
            ? Gate::authorize('move', $this->route('attempt'))->allowed()
            : Gate::authorize('move', $this->route('assignment'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'move' => ['required', 'string', Rule::enum(SittingMove::class)],
            'minutes' => [
                Rule::requiredIf($this->input('move') === SittingMove::AddTime->value), 'nullable', 'integer:strict', 'min:1', 'max:240',
            ],
            'why' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function move(): SittingMove
    {
        return SittingMove::from($this->string('move')->value());
    }

    public function minutes(): int
    {
        return $this->integer('minutes');
    }

    public function why(): string
    {
        return $this->string('why')->trim()->value();
    }
}
