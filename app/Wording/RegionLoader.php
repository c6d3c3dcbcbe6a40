<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Translation\FileLoader;

/** Reads the sentences of a region from the folder of its language: `en/gb`. The framework's own loader knows languages alone. */
final class RegionLoader extends FileLoader
{
    private const REGION = '#^[a-z]{2,8}/[a-z]{2,8}$#';

    /**
     * @param  string  $locale
     * @param  string  $group
     * @param  string|null  $namespace
     * @return array<string, mixed>
     */
    public function load($locale, $group, $namespace = null): array
    {
        $isRegion = in_array($namespace, [null, '*'], true) && preg_match(self::REGION, $locale) === 1;

        return $isRegion && preg_match('/^[a-z-]+$/', $group) === 1
            ? $this->loadPaths($this->paths, $locale, $group)
            : parent::load($locale, $group, $namespace);
    }
}
