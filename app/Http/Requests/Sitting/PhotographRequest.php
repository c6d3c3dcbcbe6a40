<?php

declare(strict_types=1);

namespace App\Http\Requests\Sitting;

use App\Http\Concerns\SaysWhenMade;
use App\Services\PlainJpeg;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A photograph of a box, as a JPEG in base 64. */
final class PhotographRequest extends FormRequest
{
    use SaysWhenMade;

    public function authorize(): bool
    {
        return Gate::authorize('lookForFaults', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'box' => ['required', 'string', 'max:32'],
            ...$this->madeRules(),
            'jpeg' => ['required', 'string', 'max:'.(int) (PlainJpeg::MOST_BYTES * 4 / 3 + 4)],
        ];
    }

    public function box(): string
    {
        return $this->string('box')->value();
    }

    public function jpeg(): string
    {
        return (string) base64_decode($this->string('jpeg')->value(), true);
    }
}
