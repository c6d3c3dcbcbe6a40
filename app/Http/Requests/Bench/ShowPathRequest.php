<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Concerns\NamesLampAndState;
use App\Http\Concerns\NamesTry;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ShowPathRequest extends FormRequest
{
    use NamesLampAndState;
    use NamesTry;

    public function authorize(): bool
    {
        return Gate::authorize('judge', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->lampAndStateRules(), ...$this->tryRules()];
    }
}
