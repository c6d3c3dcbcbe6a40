<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\MarkedAs;

/** One thing done at the bench, in the bench's own place names. */
final readonly class Step
{
    private const MOST_POINTS = 60;

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
     * @param  array<mixed>  $json  as the browser sends it: `do`, and what that kind of step needs
     *
     * @throws MalformedStep
     */
    public static function parse(array $json): self
    {
        $kind = StepKind::tryFrom(self::text($json, 'do')) ?? throw MalformedStep::because('do');
        $points = $json['points'] ?? [];
        $needsPoints = $kind !== StepKind::Undo && $kind !== StepKind::Redo;
        if (! is_array($points) || ! array_is_list($points) || count($points) > self::MOST_POINTS || $needsPoints === ($points === [])) {
            throw MalformedStep::because('points');
        }
        $names = [];
        foreach ($points as $point) {
            $names[] = is_string($point) && strlen($point) <= 120 ? $point : throw MalformedStep::because('points');
        }
        $ports = $json['ports'] ?? null;
        if ($ports !== null && (! is_int($ports) || $ports < 1 || $ports > 100)) {
            throw MalformedStep::because('ports');
        }

        return new self(
            $kind,
            array_values(array_unique($names)),
            on: $kind === StepKind::Land ? self::text($json, 'on') : null,
            by: $kind === StepKind::Gather ? self::connector($json) : null,
            ports: $kind === StepKind::Gather ? $ports : null,
            as: $kind === StepKind::Mark && ($json['as'] ?? null) !== null
                ? (MarkedAs::tryFrom(self::text($json, 'as')) ?? throw MalformedStep::because('as'))
                : null,
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

    /** @param  array<mixed>  $json */
    private static function connector(array $json): JoinedBy
    {
        $by = JoinedBy::tryFrom(self::text($json, 'by'));

        return $by?->isConnector() ? $by : throw MalformedStep::because('by');
    }

    /** @param  array<mixed>  $json */
    private static function text(array $json, string $name): string
    {
        $text = $json[$name] ?? null;

        return is_string($text) && strlen($text) <= 120 ? $text : throw MalformedStep::because($name);
    }
}
