<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Concerns\HasInstructor;
use App\Http\Controllers\People\SecondFactorController;
use App\Services\OneTimeCode;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class ConfirmSecondFactorRequest extends FormRequest
{
    use HasInstructor;

    public function authorize(): bool
    {
        return $this->user()?->isInstructor() ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20']];
    }

    /** From now on it is asked for. Refuses a code that is not of the secret that was shown. */
    public function confirm(): void
    {
        $secret = $this->session()->get(SecondFactorController::PENDING);
        if (! is_string($secret)) {
            throw ValidationException::withMessages(['code' => __('people.code-first')]);
        }
        $step = OneTimeCode::stepOf($secret, $this->string('code')->value(), now()->getTimestamp(), 0)
            ?? throw ValidationException::withMessages(['code' => __('people.code-wrong')]);
        $this->session()->forget(SecondFactorController::PENDING);
        $this->instructor()->update(['second_factor' => $secret, 'second_factor_step' => $step]);
    }
}
