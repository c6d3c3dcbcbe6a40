<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Models\BoardFile;
use App\Models\Marking;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Validation\Rule;

/** A request with a task on a board of the library, and the marking it goes with. */
trait NamesTask
{
    use CarriesFile;
    use HasInstructor;

    public function boardFile(): BoardFile
    {
        return BoardFile::query()->findOrFail($this->integer('boardFile'));
    }

    public function marking(): Marking
    {
        return Marking::query()->findOrFail($this->integer('marking'));
    }

    /** JSON text of a task file, for the core to read. */
    public function task(): string
    {
        return $this->fileText('task');
    }

    /** @return array<string, list<mixed>> */
    private function taskRules(): array
    {
        $shared = fn (Builder $query) => $query->where(fn (Builder $own) => $own->whereNull('instructor_id')->orWhere(
            'instructor_id',
            $this->user()?->id,
        ));

        return [
            'boardFile' => [
                'required',
                'integer:strict',
                Rule::in(BoardFile::idsInLibraryOf($this->user() ?? abort(401))),
            ],
            'marking' => ['required', 'integer:strict', Rule::exists('markings', 'id')->where($shared)],
            'task' => $this->fileRules('task'),
        ];
    }

    /** @return array<string, string> */
    private function taskMessages(): array
    {
        return ['boardFile.*' => __('messages.not-in-library'), 'marking.*' => __('messages.no-such-marking')];
    }
}
