<?php

declare(strict_types=1);

namespace Zwindle\Drill;

/** One question of a drill, without its sentence. */
final readonly class DrillQuestion
{
    /**
     * @param  string  $about  key of its sentence
     * @param  array<string, mixed>  $shown  what it is about: a jacket's print and cores, positions
     * @param  list<string>  $options  keys of what can be answered
     */
    public function __construct(public string $about, public array $shown, public array $options, public string $right)
    {
    }
}
