<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** A terminal as a trainee sees it: where it sits on the device, its shape, its finish and what is printed beside it. */
final readonly class Landing
{
    /**
     * @param  int  $place  number on this device, from 1: all that a trainee's browser learns of which terminal it is
     * @param  float  $x  from the left edge of the face, in units of the face's drawing
     * @param  int  $holes  for how many conductors there is room to see
     */
    public function __construct(
        public int $place,
        public string $terminal,
        public float $x,
        public float $y,
        public LandingShape $shape,
        public string $finish,
        public string $print = '',
        public int $holes = 1,
    ) {
    }

    /** The same landing elsewhere on its face. */
    public function at(float $x, float $y): self
    {
        return new self($this->place, $this->terminal, $x, $y, $this->shape, $this->finish, $this->print, $this->holes);
    }
}
