<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\App;
use Zwindle\Catalogue\Practices\Practice;

/** Where the sentences of a region are: `lang/en/gb` beside what every region says in `lang/en`. */
final class Region
{
    private const FIRST = 'en';

    /** As the translator names it; what the region does not say itself comes from its language. */
    public static function of(Practice $practice): string
    {
        return App::getLocale().'/'.$practice->words;
    }

    /**
     * Where a sentence is looked for, in this order.
     *
     * @param  list<string>  $locales  as the framework would
     * @return list<string>
     */
    public static function orderOf(array $locales): array
    {
        $order = [];
        foreach ($locales as $locale) {
            array_push($order, $locale, explode('/', $locale)[0]);
        }

        // What a language does not say yet is said in the first one.
        return array_values(array_unique([...$order, self::FIRST]));
    }
}
