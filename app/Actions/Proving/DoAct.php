<?php

declare(strict_types=1);

namespace App\Actions\Proving;

use App\Actions\Sitting\KeepLateAct;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Models\Proof;
use App\Queries\Bench\CountProgress;
use App\Queries\Proving\Proving;
use App\Queries\Proving\ShownProof;
use App\Services\ExamGate;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Zwindle\Bench\MalformedStep;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Exam\Task\ProvingNeed;
use Zwindle\Format\Read\StepReader;
use Zwindle\Hunt\Naming;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Outcome;
use Zwindle\Proving\Reading\Touch;

/**
 * One thing done at a board under test: done once, however often it is sent, and kept with what came of it.
 *
 * @phpstan-type SentAct array{kind: string, on?: string|null, with?: string|null, one?: string|null, other?: string|null,
 *     step?: array<mixed>}
 */
final readonly class DoAct
{
    /** Acts on one board before it is begun afresh. */
    public const MOST_ACTS = 2000;

    public function __construct(private CountProgress $count)
    {
    }

    /**
     * Refuses once it is handed in for a mark, late or paused; and where the task has no testing.
     *
     * @param  string  $key  of the device and its count
     * @param  SentAct  $act  places as the bench names them
     * @param  CarbonInterface|null  $madeAt  by the clock of the device: made before the end and come after it, it waits for the instructor
     */
    public function execute(Attempt $attempt, string $key, array $act, ?CarbonInterface $madeAt = null): ShownProof
    {
        return DB::transaction(function () use ($attempt, $key, $act, $madeAt): ShownProof {
            $attempt->claim();
            self::mustSuitTask($attempt);
            $refusal = ExamGate::refusalOfTesting($attempt);
            if (KeepLateAct::take($attempt, $refusal, LateAct::ACT, $key, $act, $madeAt)) {
                $proving = Proving::of($attempt);

                return ShownProof::of($proving, $proving->hands()->look($proving->state()));
            }
            ExamGate::refuse($refusal, 'act');

            return $this->doNow($attempt, $key, $act);
        });
    }

    /**
     * Does it, whatever the clock says; called inside the transaction that has claimed the attempt.
     *
     * @param  SentAct  $act
     */
    public function doNow(Attempt $attempt, string $key, array $act): ShownProof
    {
        $proving = Proving::of($attempt);
        $kept = $proving->kept;
        $hands = $proving->hands(ActKind::from($act['kind']));
        if ($kept !== null && $kept->acts()->where('key', $key)->exists()) {
            return ShownProof::of($proving, $hands->look($proving->state()));
        }
        if ($kept !== null && $kept->acts_count >= self::MOST_ACTS) {
            throw WorkRefused::because(['act' => __('proving.too-many', ['most' => self::MOST_ACTS])]);
        }
        $before = $proving->state();
        $done = self::parsed($act, PlaceMap::of($proving->circuit->wiring));
        self::mustSuit($proving, $done);
        $wasLive = $hands->look($before)->isLive;
        $outcome = $hands->do($before, $done);
        if ($outcome->refusal === null) {
            $proving->kept = self::keep($proving, $key, LoggedAct::of($done, $before, $wasLive, $outcome, $attempt->head), $outcome);
        }

        if ($proving->hunt !== null && $outcome->refusal === null) {
            // What is known of it has changed; where something was put right another board hangs there.
            $proving = Proving::of($attempt);
            if ($done->kind->isNaming() || $done->kind->isHandIn()) {
                $attempt->update($this->count->of($attempt));
                $outcome = $proving->hands()->look($proving->state());
            }
        }

        return ShownProof::of($proving, $outcome, $done);
    }

    /** Covers, faults and repairs are of boards with something to find; what is named has a name and a place, and a repair fits. */
    private static function mustSuit(Proving $proving, Act $act): void
    {
        if ($act->kind !== ActKind::OpenBox && ! $act->kind->isNaming() && ! $act->kind->isHandIn()) {
            return;
        }
        $hunt = $proving->hunt;
        $wiring = $proving->circuit->wiring;
        $box = $act->kind->isNaming() ? Naming::read((string) $act->on)->box ?? '' : null;
        $why = match (true) {
            $hunt === null, $box !== null && ! isset($wiring->board->enclosures[$box]) => 'no-such-fault',
            $act->kind->isHandIn() && ! $hunt->canDo($act, self::boxesOf($act, $wiring)) => 'cannot-be-done',
            default => null,
        };
        $why === null || throw WorkRefused::because(['act' => __("proving.$why")]);
    }

    /** @return list<string> boxes into which a hand goes; none where what is done lies in no box */
    private static function boxesOf(Act $act, Wiring $wiring): array
    {
        $on = explode('|', (string) $act->on)[0];
        $places = PlaceMap::of($wiring);
        $cable = $wiring->board->cables[$on] ?? null;

        return match (true) {
            $act->step !== null => array_values(array_unique(array_map(
                fn (string $place) => $places->find($place)->enclosure ?? '',
                $act->step->points,
            ))),
            $cable !== null => [$cable->from, $cable->to],
            default => [$wiring->points[$on]->enclosure ?? $wiring->board->devices[$on]->enclosure ?? ''],
        };
    }

    public static function mustBeOpen(Attempt $attempt): void
    {
        self::mustSuitTask($attempt);
        ExamGate::refuse(ExamGate::refusalOfTesting($attempt), 'act');
    }

    private static function mustSuitTask(Attempt $attempt): void
    {
        Proving::needOf($attempt) !== ProvingNeed::None || throw WorkRefused::because(['act' => __('proving.not-here')]);
    }

    private static function keep(Proving $proving, string $key, LoggedAct $logged, Outcome $outcome): Proof
    {
        $kept = $proving->kept ?? Proof::query()->create([
            'attempt_id' => $proving->attempt->id,
            'state' => $outcome->after->toKeep(),
        ]);
        $number = $kept->acts_count + 1;
        $kept->acts()->create(['number' => $number, 'key' => $key, 'act' => $logged->toKeep(), 'at' => now()]);
        $kept->update(['state' => $outcome->after->toKeep(), 'acts_count' => $number]);

        return $kept;
    }

    /** @param  SentAct  $act */
    private static function parsed(array $act, PlaceMap $places): Act
    {
        $kind = ActKind::from($act['kind']);
        // The core's own names of terminals say what they are: a browser names places alone, and the core says of "" that there is none.
        $at = fn (?string $place): string => $places->find((string) $place) === null ? '' : $places->pointAt((string) $place);
        $with = InstrumentKind::tryFrom((string) ($act['with'] ?? ''));

        return match ($kind) {
            ActKind::Touch => Act::touch($with?->isPlug() === true
                ? new Touch($with, (string) ($act['one'] ?? ''))
                : new Touch($with ?? InstrumentKind::TwoPole, $at($act['one'] ?? null), isset($act['other']) ? $at($act['other']) : null)),
            ActKind::Link => Act::link($at($act['one'] ?? null), $at($act['other'] ?? null)),
            ActKind::Work => Act::work(self::step($act['step'] ?? [])),
            ActKind::Tighten => Act::of($kind, $at($act['one'] ?? null)),
            default => Act::of($kind, $act['on'] ?? null),
        };
    }

    /** @param  array<mixed>  $json */
    private static function step(array $json): Step
    {
        try {
            return StepReader::read($json);
        } catch (MalformedStep) {
            throw WorkRefused::because(['act' => __('proving.cannot-be-done')]);
        }
    }
}
