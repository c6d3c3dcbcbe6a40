<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\HasInstructor;
use App\Models\StockLine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practices\Practice;

final class UpdateStockLineRequest extends FormRequest
{
    use HasInstructor;

    private const CENTS = 100;

    public function authorize(): bool
    {
        return $this->user()?->can('create', StockLine::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'practice' => ['required', Rule::in(array_keys(Practice::all()))],
            'part' => ['required', 'string', 'max:120'],
            'price' => ['present', 'nullable', 'numeric', 'min:0', 'max:1000000'],
            'held' => ['present', 'nullable', 'numeric', 'min:0', 'max:1000000'],
        ];
    }

    public function practice(): Practice
    {
        return Practice::from($this->string('practice')->value());
    }

    public function part(): string
    {
        return $this->string('part')->value();
    }

    public function priceCents(): ?int
    {
        return $this->filled('price') ? (int) round($this->float('price') * self::CENTS) : null;
    }

    public function held(): ?float
    {
        return $this->filled('held') ? $this->float('held') : null;
    }
}
