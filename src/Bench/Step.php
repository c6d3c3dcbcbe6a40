<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\MarkedAs;

/** One thing done at the bench, in the bench's own place names. */
final readonly class Step
{
    /** @param  list<string>  $points  places taken in hand */
    private function __construct(
        public StepKind $kind,
        public array $points = [],
        public ?string $on = null,
        public ?JoinedBy $by = null,
        public ?int $ports = null,
        public ?MarkedAs $as = null,
    ) {
    }

    /**
     * @param  array<mixed>  $json  that keeps to schemas/step.schema.json (`Format\Read\StepReader`), or that was kept
     */
    public static function of(array $json): self
    {
        /** @var array{do: string, points?: list<string>, on?: string, by?: string, ports?: int|null, as?: string|null} $json */
        $kind = StepKind::from($json['do']);

        return new self(
            $kind,
            array_values(array_unique($json['points'] ?? [])),
            on: $kind === StepKind::Land ? $json['on'] ?? null : null,
            by: $kind === StepKind::Gather ? JoinedBy::from($json['by'] ?? '') : null,
            ports: $kind === StepKind::Gather ? $json['ports'] ?? null : null,
            as: $kind === StepKind::Mark ? MarkedAs::tryFrom($json['as'] ?? '') : null,
        );
    }

    /** @return array<string, mixed> the step as it is kept: what was read of it, and nothing else */
    public function json(): array
    {
        return ['do' => $this->kind->value, ...match ($this->kind) {
            StepKind::Undo, StepKind::Redo => [],
            StepKind::Land => ['points' => $this->points, 'on' => $this->on],
            StepKind::Gather => ['points' => $this->points, 'by' => $this->by?->value, 'ports' => $this->ports],
            StepKind::Mark => ['points' => $this->points, 'as' => $this->as?->value],
            default => ['points' => $this->points],
        }];
    }
}
