<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Enums\LabelSheet;
use App\Paper\Page\Sheet;
use Illuminate\Validation\Rule;

/** A request that may say what paper it is printed on and for how many boards. */
trait NamesSheet
{
    /** @return array<string, list<mixed>> */
    private function sheetRules(): array
    {
        return [
            'size' => ['sometimes', Rule::in(Sheet::SIZES)],
            'boards' => ['sometimes', 'integer', 'between:1,'.Sheet::MOST_BOARDS],
            'sides' => ['sometimes', 'integer', 'between:1,2'],
            'labels' => ['sometimes', Rule::enum(LabelSheet::class)],
            'first' => ['sometimes', 'integer', 'between:1,'.LabelSheet::MOST],
        ];
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            $this->has('size') ? $this->string('size')->value() : null,
            $this->integer('boards', 1),
            $this->integer('sides', 1) === 2,
            $this->enum('labels', LabelSheet::class),
            $this->integer('first', 1),
        );
    }
}
