<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Enums\Page;
use App\Http\Concerns\NamesEdition;
use App\Http\Concerns\NamesSheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

final class ShowPaperRequest extends FormRequest
{
    use NamesEdition;
    use NamesSheet;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editionRules(), ...$this->sheetRules(), 'pages' => ['sometimes', 'string', 'max:200']];
    }

    /**
     * The pages that are asked for, in their order; all without a wish.
     *
     * @return list<Page>
     *
     * @throws ValidationException if none of them is a page
     */
    public function pages(): array
    {
        $wanted = explode(',', $this->string('pages')->value());
        $pages = $this->has('pages')
            ? array_values(array_filter(Page::cases(), fn (Page $page) => in_array($page->value, $wanted, true)))
            : Page::cases();

        return $pages === [] ? throw ValidationException::withMessages(['pages' => __('messages.no-page')]) : $pages;
    }
}
