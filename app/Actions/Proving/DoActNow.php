<?php

declare(strict_types=1);

namespace App\Actions\Proving;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Proof;
use App\Queries\Bench\CountProgress;
use App\Queries\Proving\Proving;
use App\Queries\Proving\ShownProof;
use Zwindle\Bench\MalformedStep;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Format\Read\StepReader;
use Zwindle\Hunt\Naming;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Outcome;
use Zwindle\Proving\Reading\Touch;

/**
 * Does one thing at a board under test, whatever the clock says; called inside the transaction that has claimed the attempt.
 *
 * @phpstan-type SentAct array{kind: string, on?: string|null, with?: string|null, one?: string|null, other?: string|null,
 *     step?: array<mixed>}
 */
final readonly class DoActNow
{
    /** Acts on one board before it is begun afresh. */
    public const MOST_ACTS = 2000;

    public function __construct(private CountProgress $count)
    {
    }

    /**
     * @param  SentAct  $act
     */
    public function execute(Attempt $attempt, string $key, array $act): ShownProof
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
