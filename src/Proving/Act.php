<?php

declare(strict_types=1);

namespace Zwindle\Proving;

use Zwindle\Bench\Step;
use Zwindle\Proving\Reading\Touch;

/**
 * One thing done.
 *
 * @phpstan-type Kept array{kind: string, on?: string, step?: array<string, mixed>,
 *     touch?: array{with: string, one: string, other: string|null},
 *     link?: array{string, string}}
 */
final readonly class Act
{
    /**
     * @param  string|null  $on  the part of the supply, the switch or the lamp
     * @param  Touch|null  $touch  of `Touch`
     * @param  array{string, string}|null  $link  of `Link`: two points
     * @param  Step|null  $step  of `Work`, in the bench's own place names
     */
    private function __construct(
        public ActKind $kind,
        public ?string $on = null,
        public ?Touch $touch = null,
        public ?array $link = null,
        public ?Step $step = null,
    ) {
    }

    public static function of(ActKind $kind, ?string $on = null): self
    {
        return new self($kind, $on);
    }

    public static function touch(Touch $touch): self
    {
        return new self(ActKind::Touch, touch: $touch);
    }

    public static function link(string $one, string $other): self
    {
        return new self(ActKind::Link, link: [$one, $other]);
    }

    public static function work(Step $step): self
    {
        return new self(ActKind::Work, step: $step);
    }

    /** @return Kept */
    public function toKeep(): array
    {
        $kept = ['kind' => $this->kind->value];
        $kept += $this->on === null ? [] : ['on' => $this->on];
        $kept += $this->step === null ? [] : ['step' => $this->step->json()];
        $kept += $this->touch === null ? [] : ['touch' => $this->touch->toKeep()];

        return $this->link === null ? $kept : [...$kept, 'link' => $this->link];
    }

    /** @param  Kept  $kept */
    public static function kept(array $kept): self
    {
        return new self(
            ActKind::from($kept['kind']),
            $kept['on'] ?? null,
            isset($kept['touch']) ? Touch::kept($kept['touch']) : null,
            $kept['link'] ?? null,
            isset($kept['step']) ? Step::of($kept['step']) : null,
        );
    }
}
