<?php

declare(strict_types=1);

namespace App\Shapes\Tasks;

use App\Wording\Region;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Exam\Task\Dispute;
use Zwindle\Exam\Task\RuleSet;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Exam\Task\RuleWeight;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Vary\Surface;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Repair\Mistake\MistakeKind;

/** What a task may say, in the trade English of its board. */
final class TaskWordsShape
{
    /**
     * @return array{kinds: array<string, string>, faultKinds: array<string, string>, movable: list<string>,
     *     rules: list<array{code: string, text: string, own: string}>,
     *     ruleSets: list<array{id: string, name: string, note: string, rules: object}>, habits: list<array{id: string, name: string,
     *     positions: list<array{id: string, text: string}>}>}
     */
    public static function in(Practice $practice): array
    {
        $say = fn (string $key) => __("task.$key", [], Region::of($practice));
        $kinds = [];
        foreach (TaskKind::cases() as $kind) {
            $kinds[$kind->value] = __("task.kind.$kind->value");
        }

        $faults = [];
        foreach (MistakeKind::huntedIn($practice) as $kind) {
            $faults[$kind->value] = __("diagnosis.kind.$kind->value", [], Region::of($practice));
        }

        return [
            'kinds' => $kinds,
            'faultKinds' => $faults,
            'movable' => array_column(array_filter(VariedAspects::cases(), Surface::Wall->allows(...)), 'value'),
            'rules' => array_map(fn (FindingCode $code) => [
                'code' => $code->value,
                'text' => $say("rule.$code->value"),
                'own' => __("task.severity.{$code->severity()->value}"),
            ], RulesInForce::remarksIn($practice)),
            'ruleSets' => array_map(fn (RuleSet $set) => [
                'id' => $set->value,
                'name' => __("task.rule-set.$set->value"),
                'note' => __("task.rule-set-note.$set->value"),
                'rules' => (object) array_map(fn (RuleWeight $weight) => $weight->value, $set->weights($practice)),
            ], RuleSet::cases()),
            'habits' => array_map(fn (Dispute $dispute) => [
                'id' => $dispute->value,
                'name' => $say("habit-name.$dispute->value"),
                'positions' => array_map(fn (string $position) => [
                    'id' => $position,
                    'text' => $say("habit.$dispute->value.$position"),
                ], $dispute->positions($practice)),
            ], Dispute::in($practice)),
        ];
    }
}
