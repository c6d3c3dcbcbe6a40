<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Concerns\CarriesFile;
use App\Http\Concerns\HasInstructor;
use App\Models\Marking;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class StoreMarkingRequest extends FormRequest
{
    use CarriesFile;
    use HasInstructor;

    public function authorize(): bool
    {
        $marking = $this->route('marking');

        return $marking === null
            ? $this->user()?->can('create', Marking::class) ?? false
            : Gate::authorize('update', $marking)->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['marking' => $this->fileRules('marking')];
    }

    /** JSON text of a marking file, for the core to read. */
    public function marking(): string
    {
        return $this->fileText('marking');
    }
}
