<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Classroom;
use App\Queries\People\Roster;
use App\Services\PersonName;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A list of people: pasted as text, or a file's bytes in base64. */
final class ReadRosterRequest extends FormRequest
{
    private const MOST_CHARACTERS = 200_000;

    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('classroom'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'text' => ['required_without:base64', 'nullable', 'string', 'max:'.self::MOST_CHARACTERS],
            'base64' => ['required_without:text', 'nullable', 'string', 'max:'.self::MOST_CHARACTERS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.max' => __('people.list-long'),
            'base64.max' => __('people.list-long'),
            'text.*' => __('people.list-empty'),
            'base64.*' => __('people.list-empty'),
        ];
    }

    /**
     * @return list<array{line: int, name: string, number: string|null, extraPercent: int, fault: string|null}> with what is wrong in words
     *
     * Refuses the whole of it if it is empty or too long.
     */
    public function rows(Classroom $classroom): array
    {
        $bytes = $this->filled('base64')
            ? (string) base64_decode($this->string('base64')->value(), true)
            : $this->string('text')->value();
        $rows = Roster::read(Roster::decoded($bytes), $classroom->listed());
        if ($rows === [] || count($rows) > Roster::MOST_ROWS) {
            throw ValidationException::withMessages(['text' => $rows === []
                ? __('people.list-empty')
                : __('people.list-rows', ['most' => Roster::MOST_ROWS, 'there' => count($rows)])]);
        }

        return array_map(fn (array $row) => [
            ...$row,
            'name' => mb_substr($row['name'], 0, PersonName::MOST_CHARACTERS + 1),
            'number' => $row['number'] === null ? null : mb_substr($row['number'], 0, Roster::MOST_NUMBER + 1),
            'fault' => $row['fault'] === null ? null : __("people.fault.{$row['fault']}", ['name' => $row['name']]),
        ], $rows);
    }
}
