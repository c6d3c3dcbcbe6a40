<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\ReadsBoardText;
use Illuminate\Foundation\Http\FormRequest;

/** A drawing for the planner to look at; nothing is stored. */
final class ReviewDrawingRequest extends FormRequest
{
    use ReadsBoardText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }
}
