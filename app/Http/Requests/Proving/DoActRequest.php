<?php

declare(strict_types=1);

namespace App\Http\Requests\Proving;

use App\Actions\Proving\DoActNow;
use App\Http\Concerns\SaysWhenMade;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Proving\ActKind;

/**
 * One thing done at a board under test, with places as the bench names them.
 *
 * @phpstan-import-type SentAct from DoActNow
 */
final class DoActRequest extends FormRequest
{
    use SaysWhenMade;

    public function authorize(): bool
    {
        return Gate::authorize('prove', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $name = ['sometimes', 'nullable', 'string', 'max:120'];

        return [
            'key' => ['required', 'string', 'max:48', 'regex:/^[\w-]+$/D'],
            ...$this->madeRules(),
            'act' => ['required', 'array:kind,on,with,one,other,step'],
            'act.kind' => ['required', 'string', Rule::enum(ActKind::class)->except([ActKind::PutRight])],
            'act.on' => $name,
            'act.with' => ['required_if:act.kind,touch', 'nullable', 'string', Rule::enum(InstrumentKind::class)],
            'act.one' => $name,
            'act.other' => $name,
            'act.step' => ['required_if:act.kind,work', 'array'],
        ];
    }

    public function key(): string
    {
        return $this->string('key')->value();
    }

    /** @return SentAct */
    public function act(): array
    {
        /** @var SentAct $act */
        $act = $this->validated('act');

        return $act;
    }
}
