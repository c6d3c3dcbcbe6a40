<?php

declare(strict_types=1);

namespace Zwindle\Proving\Misconceptions;

/** A flip to ask a room about, with what happens and who would say what. */
final readonly class ClassQuestion
{
    /**
     * @param  int  $state  before the flip
     * @param  list<Misconception>  $sayOn  who would say that the lamp is on after it
     * @param  list<Misconception>  $sayOff
     */
    public function __construct(
        public string $lamp,
        public int $state,
        public string $switch,
        public bool $isOn,
        public array $sayOn,
        public array $sayOff,
    ) {
    }
}
