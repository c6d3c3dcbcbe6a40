<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\ChangeSentence;
use App\Wording\ExtensionNotes;
use App\Wording\Headline;
use App\Wording\PlanStepSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Illuminate\Support\Str;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Format\Write\DiagramText;
use Zwindle\Format\Write\PlanArray;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\Refusal\Alternative;
use Zwindle\Plan\Refusal\BoardChange;
use Zwindle\Plan\Refusal\NeutralAt;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Shortage;
use Zwindle\Plan\StepOrder;
use Zwindle\Schematic\Diagram;

/** What the planner came to, as JSON in the shape of the contract and as a page of text. */
final readonly class PlanPage
{
    private Words $words;

    private ChangeSentence $changes;

    /**
     * @param  Refusal  $refusal  why it cannot be wired, and what would do
     * @param  list<NeutralAt>|null  $neutrals  null if nobody asked
     */
    public function __construct(
        private Board $board,
        private Planning $planning,
        private StepOrder $order,
        private Refusal $refusal = new Refusal,
        private ?ExtensionNotes $extension = null,
        private ?array $neutrals = null,
        private ?CodeEdition $edition = null,
    ) {
        $this->words = new Words($board);
        $this->changes = new ChangeSentence($board);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $plans = array_map(fn (Plan $plan) => [...PlanArray::of($plan), 'steps' => $this->steps($plan)], $this->planning->plans);

        return [
            'plans' => $plans,
            'impossible' => $this->planning->reason === null ? null : [
                'message' => $this->impossible(),
                'shortages' => array_map(fn (Shortage $shortage) => [
                    'scheme' => $shortage->scheme, 'cable' => $shortage->cable, 'has' => $shortage->has, 'needs' => $shortage->needs,
                ], $this->planning->shortages),
                'rule' => $this->refusal->askedBy === null ? null : ['kind' => $this->refusal->askedBy->value, 'reference' => $this->citation()],
                'ways' => $this->waysOut(),
                ...$this->changeArray($this->refusal->change),
            ],
            ...($this->neutrals === null ? [] : ['neutrals' => array_map(fn (NeutralAt $at) => [
                'enclosure' => $at->enclosure, 'answer' => $at->answer->value, ...$this->changeArray($at->change), 'text' => $this->changes->neutral($at),
            ], $this->neutrals)]),
            ...($this->extension === null ? [] : ['from' => $this->extension->json()]),
            'truncated' => $this->planning->isTruncated,
            'limits' => ['plans' => Planner::MOST_PLANS, 'trees' => RunGraph::MOST_TREES],
        ];
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln(self::plain("{$this->board->title}  ({$this->board->edition->id})"));
        if ($this->planning->reason !== null) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain($this->impossible()).'</>');
        }
        foreach ($this->planning->plans as $i => $plan) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain($this->title($plan, $i)).'</>');
            $output->newLine();
            $output->writeln(self::plain(DiagramText::of(new Diagram($plan->result->evidence->circuit, $plan->result->evidence->roles))));
            $output->newLine();
            foreach ($this->cores($plan) as $line) {
                $output->writeln(self::plain($line));
            }
            $output->newLine();
            foreach ($this->extension?->lines() ?? [] as $line) {
                $output->writeln(self::plain($line));
            }
            foreach ($this->steps($plan) as $k => ['text' => $text]) {
                $output->writeln(self::plain(sprintf('%3d. %s', $k + 1, $text)));
            }
        }
        foreach ($this->neutrals ?? [] as $at) {
            $output->writeln(self::plain($this->changes->neutral($at)));
        }
        $output->newLine();
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    private function title(Plan $plan, int $i): string
    {
        $scheme = $plan->result->scheme();
        $name = $scheme === null ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.$scheme->value");

        return (count($this->planning->plans) > 1 ? ($i + 1).'. ' : '').Str::ucfirst($name).': '.(new Headline($plan->result))->sentence();
    }

    /** @return list<string> one line a run: what each core carries */
    private function cores(Plan $plan): array
    {
        $lines = [];
        foreach ($plan->wiring->board->cables as $cable) {
            $parts = [];
            foreach ($cable->cores as $core) {
                $role = $plan->result->evidence->roles->at($core->ends()[0])[0]->value;
                $colour = $this->words->say('parts.colour.'.$core->colour->value);
                $parts[] = $core->colour->isEarths() ? $colour : "$colour ".$this->words->role($role);
            }
            $lines[] = "  $cable->id {$cable->type->print()} ({$this->words->box($cable->from)} – {$this->words->box($cable->to)}): ".implode(', ', $parts);
        }

        return $lines;
    }

    /** @return list<array{text: string, joint: int|null}> */
    private function steps(Plan $plan): array
    {
        $sentences = new PlanStepSentence($plan);

        return array_map(fn (PlanStep $step) => ['text' => $sentences->of($step), 'joint' => $step->joint], PlanSteps::of($plan, $this->order, $this->extension?->kept() ?? []));
    }

    /** Why there is no plan, in words. */
    public function impossible(): string
    {
        $reason = $this->planning->reason->value ?? '';
        // Where a rule asks for the core, one scheme is enough to show which.
        $told = $this->refusal->askedBy === null ? $this->planning->shortages : array_filter($this->planning->shortages, fn (Shortage $shortage) => $shortage->scheme === $this->planning->shortages[0]->scheme);
        $shortages = array_map(fn (Shortage $shortage) => $this->words->say(match (true) {
            $shortage->neverLine > 0 => 'plan.shortage-white',
            $shortage->hasNoneForNeutral => 'plan.no-neutral',
            default => 'plan.shortage',
        }, [
            'cable' => $shortage->cable,
            'has' => $shortage->has,
            'needs' => $shortage->needs,
            'scheme' => $this->words->say("parts.scheme.$shortage->scheme"),
        ]), $told);

        $rule = $this->refusal->askedBy === null ? '' : $this->words->say("plan.asked-by.{$this->refusal->askedBy->value}", ['section' => $this->citation()]);
        $why = $this->refusal->askedBy === null ? $this->words->say("plan.impossible.$reason") : $this->words->say('plan.impossible.by-rule');
        $ways = array_column($this->waysOut(), 'text');

        return implode(' ', array_filter([$why, ...$shortages, $rule, $ways === [] ? '' : $this->words->say('plan.would-do', ['ways' => implode('; ', $ways)])]));
    }

    /** @return list<array{kind: string, text: string, take: string, code: string|null, cables: array<string, string>}> what would do, each to be taken by one tap */
    public function waysOut(): array
    {
        return array_map(fn (Alternative $way) => [
            'kind' => $way->kind->value,
            'text' => $this->words->say("plan.way-out.{$way->kind->value}", ['cables' => $this->changes->cables($way->cables), 'edition' => $way->edition->title ?? '']),
            'take' => $this->words->say("plan.take.{$way->kind->value}", ['cables' => $this->changes->cables($way->cables), 'code' => $way->edition->id ?? '']),
            'code' => $way->edition?->id,
            'cables' => array_map(fn (CableType $type) => $type->id, $way->cables->types),
        ], $this->refusal->ways);
    }

    private function citation(): string
    {
        return ($this->edition ?? $this->board->edition)->cite(FindingCode::NeutralAbsentAtSwitch->value) ?? '';
    }

    /** @return array{change: object, addCables: object, addSingles: object} */
    private function changeArray(BoardChange $change): array
    {
        return [
            'change' => (object) array_map(fn (CableType $type) => $type->id, $change->types),
            'addCables' => (object) array_map(fn (CableType $type) => $type->id, $change->beside),
            'addSingles' => (object) array_map(fn (array $colours) => array_map(fn (Colour $colour) => $colour->value, $colours), $change->singles),
        ];
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
