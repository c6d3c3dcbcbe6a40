<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\ReadsBoardText;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A board file to take into the library. */
final class StoreBoardFileRequest extends FormRequest
{
    use ReadsBoardText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function instructor(): User
    {
        return $this->user();
    }
}
