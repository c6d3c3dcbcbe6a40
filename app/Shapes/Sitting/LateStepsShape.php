<?php

declare(strict_types=1);

namespace App\Shapes\Sitting;

use App\Models\Attempt;
use App\Models\KeptStep;
use App\Models\StepDecision;
use App\Shapes\Bench\BenchShape;
use App\Wording\Words;
use Zwindle\Bench\Step as BenchStep;
use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Board\Board;

/** What was set aside of an attempt: the step in words, from where, when by both clocks, and what was decided. */
final class LateStepsShape
{
    /** @return list<array<string, mixed>> */
    public static function of(Attempt $attempt): array
    {
        $aside = $attempt->steps();
        $aside->whereNotNull('set_aside')->orderBy('id');
        $steps = $aside->get();
        $decided = StepDecision::query()->whereIn('step_id', $steps->pluck('id'))->pluck('accepted', 'step_id');
        $board = $attempt->board();

        return array_values($steps->map(fn (KeptStep $step) => [
            'id' => $step->id,
            'step' => $step->json,
            'words' => self::words($step->parsed(), $board),
            'device' => $step->device,
            'number' => $step->number,
            'reason' => (string) $step->set_aside,
            'madeAt' => $step->made_at->toIso8601ZuluString('millisecond'),
            'receivedAt' => $step->received_at->toIso8601ZuluString('millisecond'),
            'accepted' => isset($decided[$step->id]) ? (bool) $decided[$step->id] : null,
            'fits' => self::fits($attempt, $step),
        ])->all());
    }

    private static function fits(Attempt $attempt, KeptStep $step): bool
    {
        try {
            $attempt->stepLog()->add($step->parsed());
        } catch (StepDoesNotFit) {
            return false;
        }

        return true;
    }

    private static function words(BenchStep $step, Board $board): string
    {
        $words = new Words($board);
        $shape = new BenchShape($board);
        $names = array_map(fn (string $place) => isset($board->points()[$place])
            ? $words->shortPlace($place)
            : $shape->placeName($place), $step->points);

        return __("sitting.step.{$step->kind->value}", [
            'what' => implode(', ', $names),
            'on' => $step->on === null ? '' : $shape->placeName($step->on),
        ]);
    }
}
