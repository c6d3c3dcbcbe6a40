<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\KeptStep;
use App\Queries\Bench\CountProgress;
use App\Services\ExamGate;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Zwindle\Bench\MalformedStep;
use Zwindle\Bench\Step as BenchStep;
use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Bench\StepKind;
use Zwindle\Bench\StepLog;
use Zwindle\Format\Read\StepReader;

/**
 * Keeps a batch of steps from one device: each is applied in its turn or, where it no longer fits, set aside with the
 * reason. A step that is here already is not stored again.
 */
final class KeepSteps
{
    /** Of one attempt: far more than hands can make, and few enough to be replayed at once. */
    private const MOST_STEPS = 20_000;

    /**
     * @param  int  $base  sequence of the newest step that the device had seen when it made these
     * @param  list<array{number: int, at: CarbonImmutable, step: array<string, mixed>}>  $batch
     * @return array{head: int, keptUpTo: int, startedAt: string|null, dueAt: string|null, setAside: list<array{number: int,
     *     reason: string}>}
     *
     * @throws MalformedStep
     */
    public function execute(Attempt $attempt, string $device, int $base, array $batch): array
    {
        usort($batch, fn (array $a, array $b) => $a['number'] <=> $b['number']);
        $parsed = array_map(fn (array $entry) => StepReader::read($entry['step']), $batch);

        return DB::transaction(function () use ($attempt, $device, $base, $batch, $parsed): array {
            $attempt->claim();
            $attempt->loadMissing('assignment.boardFile');
            if ($attempt->steps()->count() + count($batch) > self::MOST_STEPS) {
                throw WorkRefused::because(['steps' => __('messages.too-many-steps')]);
            }
            $refusal = ExamGate::refusal($attempt);
            /** @var array<int, KeptStep> $known by number */
            $known = $attempt->steps()
                ->where('device', $device)
                ->whereIn('number', array_column($batch, 'number'))
                ->get()
                ->keyBy('number')
                ->all();
            $meanwhile = $this->meanwhile($attempt, $device, $base);
            $log = null;
            $setAside = [];
            foreach ($batch as $i => $entry) {
                $step = $known[$entry['number']] ?? null;
                if ($step === null) {
                    $log ??= $attempt->stepLog();
                    $reason = $refusal
                        ?? ($this->isLeftBehind($meanwhile, $parsed[$i]) ? 'left-behind' : $this->apply($log, $parsed[$i]));
                    $step = $attempt->steps()->create([
                        'device' => $device,
                        'number' => $entry['number'],
                        'sequence' => $reason === null ? ++$attempt->head : null,
                        'set_aside' => $reason,
                        'json' => $parsed[$i]->json(),
                        'made_at' => $entry['at'],
                        'received_at' => now(),
                    ]);
                    $known[$entry['number']] = $step;
                }
                if ($step->set_aside !== null) {
                    $setAside[] = ['number' => $step->number, 'reason' => $step->set_aside];
                }
            }
            $attempt->fill($log === null ? [] : CountProgress::on($log->bench()->wiring()))->save();

            return [
                'head' => $attempt->head,
                'keptUpTo' => $batch === [] ? 0 : max(array_column($batch, 'number')),
                'startedAt' => $attempt->started_at?->toIso8601ZuluString('millisecond'),
                'dueAt' => $attempt->dueAt()?->toIso8601ZuluString('millisecond'),
                'setAside' => $setAside,
            ];
        });
    }

    /**
     * The places that steps of other devices have touched since; null where the board was begun anew.
     *
     * @return list<string>|null
     */
    private function meanwhile(Attempt $attempt, string $device, int $base): ?array
    {
        $others = $attempt->appliedSteps()->where('sequence', '>', $base)->where('device', '!=', $device)->get();

        return $base < $attempt->bare_from
            ? null
            : array_merge(...array_values($others->map(fn (KeptStep $step) => self::touched($step->parsed()) ?? ['*'])->all()));
    }

    /** @return list<string>|null the places that a step touches; null for one that hangs on all before it */
    private static function touched(BenchStep $step): ?array
    {
        return in_array($step->kind, [StepKind::Undo, StepKind::Redo], true)
            ? null
            : array_values(array_filter([...$step->points, $step->on]));
    }

    /**
     * A tab that was left behind goes on where nothing it touches was touched meanwhile.
     *
     * @param  list<string>|null  $meanwhile
     */
    private function isLeftBehind(?array $meanwhile, BenchStep $step): bool
    {
        $touched = self::touched($step);

        return $meanwhile === null || ($meanwhile !== [] && (
            $touched === null || in_array('*', $meanwhile, true) || array_intersect($touched, $meanwhile) !== []
        ));
    }

    private function apply(StepLog $log, BenchStep $step): ?string
    {
        try {
            $log->add($step);
        } catch (StepDoesNotFit $misfit) {
            return 'does-not-fit:'.$misfit->getMessage();
        }

        return null;
    }
}
