<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Concerns\KnowsPassword;
use Illuminate\Foundation\Http\FormRequest;

final class EndSecondFactorRequest extends FormRequest
{
    use KnowsPassword;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200']];
    }

    /** Asks for the password: a tablet that is left lying takes nothing away. */
    public function end(): void
    {
        $this->whoKnows()->update(['second_factor' => null]);
    }
}
