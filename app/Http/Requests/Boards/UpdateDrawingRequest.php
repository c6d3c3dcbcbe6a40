<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\CarriesFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practices\Practice;

/** A drawing as it stands: any JSON object with a title and a practice; what is wrong with it is reported, not refused. */
final class UpdateDrawingRequest extends FormRequest
{
    use CarriesFile;

    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer:strict', 'min:1', 'max:1000000000'],
            'board' => $this->fileRules('board'),
            'board.title' => ['required', 'string', 'max:200'],
            'board.practice' => ['required', Rule::in(array_keys(Practice::all()))],
        ];
    }

    /** The version that the drawing was made on. */
    public function base(): int
    {
        return $this->integer('base');
    }

    public function title(): string
    {
        return $this->string('board.title')->value();
    }

    public function practice(): Practice
    {
        return Practice::from($this->string('board.practice')->value());
    }

    /** JSON text of a board file, as it was drawn. */
    public function board(): string
    {
        return $this->fileText('board');
    }
}
