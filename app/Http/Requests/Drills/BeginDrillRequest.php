<?php

declare(strict_types=1);

namespace App\Http\Requests\Drills;

use App\Models\Drill;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Drill\DrillKind;

final class BeginDrillRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('create', Drill::class)->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', Rule::enum(DrillKind::class)],
            'practice' => ['required', 'string', Rule::in(array_keys(Practice::all()))],
        ];
    }

    public function person(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }

    public function kind(): DrillKind
    {
        return DrillKind::from($this->string('kind')->value());
    }

    public function practice(): Practice
    {
        return Practice::from($this->string('practice')->value());
    }
}
