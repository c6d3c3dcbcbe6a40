<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\ReadsBoardText;
use Illuminate\Foundation\Http\FormRequest;

/** A drawing, and the box in which an electronic switch might go; nothing is stored. */
final class AskNeutralRequest extends FormRequest
{
    use ReadsBoardText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function box(): string
    {
        $box = $this->query('box');

        return is_string($box) ? $box : '';
    }
}
