<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\HasInstructor;
use App\Http\Concerns\NamesBoardNumber;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Format\Read\JsonText;

/** The as-found sheet of a board, or a wiring file to fill it from. */
final class UpdateAsFoundRequest extends FormRequest
{
    use HasInstructor;
    use NamesBoardNumber;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->numberRules(),
            'plan' => ['sometimes', 'integer:strict', 'min:0', 'max:9999'],
            'wiring' => ['sometimes', 'string', 'max:'.JsonText::MOST_BYTES],
            'lands' => ['required_without_all:wiring,plan', 'array', 'max:5000', $this->isNamed(...)],
            'lands.*' => ['nullable', 'string', 'max:80'],
            'marks' => ['sometimes', 'array', 'max:5000', $this->isNamed(...)],
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

    /** Text of a wiring file; null if the sheet itself is sent. */
    public function wiring(): ?string
    {
        return $this->has('wiring') ? $this->string('wiring')->value() : null;
    }

    /** Number of a plan to fill it from; null for none. */
    public function plan(): ?int
    {
        return $this->has('plan') ? $this->integer('plan') : null;
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
