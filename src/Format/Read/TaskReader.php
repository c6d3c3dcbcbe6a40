<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Exam\Task\CountedTry;
use Zwindle\Exam\Task\Dispute;
use Zwindle\Exam\Task\Help;
use Zwindle\Exam\Task\ProvingNeed;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Exam\Task\RuleWeight;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Surface;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Plan\StepOrder;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\MistakeKind;

/**
 * Text of a task file → Task on one board, or every problem with its pointer.
 *
 * @phpstan-type TaskJson object{title: string, kind: string, mode: string, brief?: string, minutes?: int|null, rules?: object,
 *     help?: list<string>,
 *     tries?: int, order?: string|null, positions?: object, varying?: list<string>, seed?: string, done?: list<string>, questions?: int,
 *     start?: string, surface?: string, proving?: string, faults?: int, faultKinds?: list<string>, counts?: string}
 */
final class TaskReader
{
    /** Findings that tasks could weigh in earlier versions and that are faults now. */
    private const ONCE_NOTES = ['leads-reversed'];

    /** @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to */
    public static function read(string|array|object $given, Board $board, Problems $problems): ?TaskFile
    {
        /** @var TaskJson|null $json */
        $json = JsonText::read($given, 'task', $problems);
        if ($json === null) {
            return null;
        }
        $kind = TaskKind::tryFrom($json->kind);
        if ($kind === null) {
            $problems->add('/kind', ProblemCode::UnknownTaskKind, [
                'text' => $json->kind,
                'detail' => implode(', ', array_column(TaskKind::cases(), 'value')),
            ]);
        }
        $weights = (array) ($json->rules ?? []);
        $dropped = self::faultsBy($weights);
        $rules = self::rules(array_diff_key($weights, array_flip($dropped)), $problems);
        $positions = self::positions((array) ($json->positions ?? []), $board->practice, $problems);
        if ($board->devicesOf(DeviceKind::Lamp) === [] || $board->controls === []) {
            $problems->add('', ProblemCode::TaskWithoutLamp);
        }
        foreach ($json->done ?? [] as $i => $box) {
            isset($board->enclosures[$box]) || $problems->add("/done/$i", ProblemCode::UnknownEnclosure, ['id' => $box]);
        }
        $varying = array_map(VariedAspects::from(...), $json->varying ?? []);
        $isFromAsFound = ($json->start ?? 'boxes') === 'as-found';
        if ($kind === TaskKind::Finish && $isFromAsFound && array_filter(
            $varying,
            fn (VariedAspects $what) => $what->isStructural(),
        ) !== []) {
            $problems->add('/varying', ProblemCode::AsFoundElsewhere);
        }
        $surface = Surface::from($json->surface ?? Surface::Screen->value);
        if (array_filter($varying, fn (VariedAspects $what) => ! $surface->allows($what)) !== []) {
            $problems->add('/varying', ProblemCode::NotMovable);
        }
        if ($kind === null || $problems->any()) {
            return null;
        }

        return new TaskFile(
            $json->title, $kind, TaskMode::from($json->mode), $json->brief ?? '', $json->minutes ?? null, $rules,
            array_map(Help::from(...), $json->help ?? []),
            $json->tries ?? 1,
            isset($json->order) ? StepOrder::from($json->order) : null,
            $positions,
            $varying, $json->seed ?? '', $json->done ?? [], $json->questions ?? 4, $isFromAsFound, $surface, $dropped,
            self::proving($json),
            $json->faults ?? 1,
            array_map(MistakeKind::from(...), $json->faultKinds ?? []),
            CountedTry::from($json->counts ?? CountedTry::Best->value),
        );
    }

    /**
     * Where a task does not say: at will where it is coached, not at all in an exam.
     *
     * @param  TaskJson  $json
     */
    private static function proving(object $json): ProvingNeed
    {
        $usual = $json->mode === TaskMode::Exam->value ? ProvingNeed::None : ProvingNeed::Free;

        return ProvingNeed::tryFrom($json->proving ?? '') ?? $usual;
    }

    /**
     * A finding that was a note when a task was stored and is a fault by now: the rule has nothing left to say.
     *
     * @param  array<mixed>  $weights
     * @return list<string>
     */
    private static function faultsBy(array $weights): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($weights)),
            fn (string $code) => FindingCode::tryFrom($code)?->severity()->fails() === true && in_array($code, self::ONCE_NOTES, true),
        ));
    }

    /** @param  array<mixed>  $weights */
    private static function rules(array $weights, Problems $problems): RulesInForce
    {
        $known = array_map(fn (FindingCode $code) => $code->value, RulesInForce::remarks());
        $rules = [];
        foreach ($weights as $code => $weight) {
            if (! in_array($code, $known, true)) {
                $problems->add("/rules/$code", ProblemCode::NotARemark, ['code' => (string) $code]);
            } elseif (is_string($weight)) {
                $rules[$code] = RuleWeight::from($weight);
            }
        }

        return new RulesInForce($rules);
    }

    /**
     * @param  array<mixed>  $positions
     * @return array<string, string>
     */
    private static function positions(array $positions, Practice $practice, Problems $problems): array
    {
        $taken = [];
        foreach ($positions as $id => $position) {
            $dispute = Dispute::tryFrom((string) $id);
            $known = $dispute?->positions($practice) ?? [];
            if ($dispute === null || ! in_array($position, $known, true)) {
                $problems->add("/positions/$id", ProblemCode::UnknownPosition, [
                    'habit' => (string) $id,
                    'detail' => implode(', ', $known === [] ? array_column(Dispute::in($practice), 'value') : $known),
                ]);

                continue;
            }
            $taken[$dispute->value] = (string) $position;
        }

        return $taken;
    }
}
