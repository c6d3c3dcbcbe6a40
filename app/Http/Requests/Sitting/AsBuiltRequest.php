<?php

declare(strict_types=1);

namespace App\Http\Requests\Sitting;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\MarkedAs;

/** What lands where on a standing board, or that it stands as planned. */
final class AsBuiltRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('move', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'asPlanned' => ['sometimes', 'boolean:strict'],
            'lands' => ['required_without:asPlanned', 'array', 'max:2000', $this->isNamed(...)],
            'lands.*' => ['nullable', 'string', 'max:80'],
            'marks' => ['sometimes', 'array', 'max:2000', $this->isNamed(...)],
            'marks.*' => [Rule::enum(MarkedAs::class)],
        ];
    }

    /** A list has numbers where points are meant. */
    private function isNamed(string $field, mixed $value, Closure $fail): void
    {
        if (is_array($value) && array_filter(array_keys($value), is_int(...)) !== []) {
            $fail(__('messages.no-place'));
        }
    }

    public function isAsPlanned(): bool
    {
        return $this->boolean('asPlanned');
    }

    public function sheet(): AsFound
    {
        /** @var array<string, string> $lands */
        $lands = array_filter((array) $this->input('lands', []), fn (mixed $place) => $place !== '' && $place !== null);
        /** @var array<string, string> $marks */
        $marks = (array) $this->input('marks', []);

        return new AsFound($lands, $marks);
    }
}
