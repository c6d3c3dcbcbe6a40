<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** The side of a device that is wired, drawn: its outline and its landings. */
final readonly class Face
{
    private const QUARTER = 90;

    /**
     * @param  string  $name  what tells it from the other faces of its model, in the English of the practice
     * @param  list<Landing>  $landings  in the order of their places
     * @param  int  $turned  degrees clockwise as it hangs: 0, 90, 180 or 270
     */
    public function __construct(
        public string $name,
        public string $look,
        public float $width,
        public float $height,
        public string $print,
        public array $landings,
        public int $turned = 0,
        public bool $isFromRear = false,
    ) {
    }

    /** The same face as it hangs: seen from behind, then turned clockwise by quarters; its terminals go with it. */
    public function mounted(int $turned, bool $fromRear): self
    {
        $face = $fromRear ? $this->mirrored() : $this;
        for ($degrees = 0; $degrees < $turned; $degrees += self::QUARTER) {
            $face = $face->quarter();
        }

        return $face;
    }

    private function mirrored(): self
    {
        $landings = array_map(fn (Landing $landing) => $landing->at($this->width - $landing->x, $landing->y), $this->landings);

        return new self($this->name, $this->look, $this->width, $this->height, $this->print, $landings, $this->turned, ! $this->isFromRear);
    }

    private function quarter(): self
    {
        $landings = array_map(fn (Landing $landing) => $landing->at($this->height - $landing->y, $landing->x), $this->landings);

        return new self(
            $this->name,
            $this->look,
            $this->height,
            $this->width,
            $this->print,
            $landings,
            $this->turned + self::QUARTER,
            $this->isFromRear,
        );
    }
}
