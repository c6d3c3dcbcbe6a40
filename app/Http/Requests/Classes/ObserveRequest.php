<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Models\Attempt;
use App\Queries\Classes\MarkingInForce;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ObserveRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('observe', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'observed' => ['present', $this->allowed()],
            'observed.*' => ['boolean:strict'],
            'isSecond' => ['boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['observed.array' => __('messages.not-inspected')];
    }

    /** What the mark of this station takes, and nothing else. */
    private function allowed(): string
    {
        $attempt = $this->route('attempt');

        return 'array:'.($attempt instanceof Attempt ? implode(',', MarkingInForce::observationsOf($attempt)) : '');
    }

    /** @return array<string, bool> id of an observation → what the eye said */
    public function observed(): array
    {
        /** @var array<string, mixed> $observed */
        $observed = (array) $this->validated('observed');

        return array_map(boolval(...), $observed);
    }

    /** Whether it is the second marker's sheet, which is kept apart and does not count. */
    public function isSecond(): bool
    {
        return $this->boolean('isSecond');
    }
}
