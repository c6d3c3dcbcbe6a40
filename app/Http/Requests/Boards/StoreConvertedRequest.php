<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class StoreConvertedRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

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
