<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Console\OutputStyle;
use Illuminate\Support\Str;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\CableType;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\RunGraph;
use Zwindle\Plan\Shortage;
use Zwindle\Plan\StepOrder;
use Zwindle\Schematic\Diagram;
use Zwindle\Wiring\Joint;
use Zwindle\Write\DiagramText;
use Zwindle\Write\PlanArray;

/** What the planner came to, as JSON in the shape of the contract and as a page of text. */
final readonly class PlanReport
{
    private Words $words;

    /** @param  array<string, CableType>  $change  cable → the type with which the board could be wired */
    public function __construct(private Board $board, private Planning $planning, private StepOrder $order, private array $change, private ?ExtensionReport $extension = null)
    {
        $this->words = new Words($board);
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
                'change' => (object) array_map(fn (CableType $type) => $type->id, $this->change),
            ],
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
        $words = Words::of($plan->wiring);

        return array_map(fn (PlanStep $step) => ['text' => Str::ucfirst($this->text($plan, $step, $words)), 'joint' => $step->joint], PlanSteps::of($plan, $this->order, $this->extension?->kept() ?? []));
    }

    private function text(Plan $plan, PlanStep $step, Words $words): string
    {
        $end = $step->mark ?? $step->cap;
        if ($end !== null) {
            return $words->say($step->mark === null ? 'plan.cap' : 'plan.mark', [
                'end' => $words->coded($end),
                'box' => $words->box($words->enclosureOf($end)),
                'as' => $words->role($plan->wiring->markOn($end)->value ?? 'none'),
            ]);
        }
        $joint = $plan->wiring->joints[(int) $step->joint];
        $role = $plan->result->evidence->roles->at($joint->points[0])[0]->value;

        return $joint->by->isConnector() ? $this->connector($joint, $role, $words) : $this->landing($plan, $joint, $role, $words);
    }

    private function connector(Joint $joint, string $role, Words $words): string
    {
        return $words->say('plan.join', [
            'box' => $words->box($joint->enclosure),
            'points' => $words->list(array_map($words->coded(...), $joint->points)),
            'connector' => $words->say("plan.connector.{$joint->by->value}", ['ports' => (int) $joint->ports]),
            'role' => $words->role($role),
        ]);
    }

    private function landing(Plan $plan, Joint $joint, string $role, Words $words): string
    {
        $fixed = array_values(array_filter($joint->points, fn (string $point) => $plan->wiring->points[$point]->isFixed()));

        return $words->say('plan.land', [
            'box' => $words->box($joint->enclosure),
            'points' => $words->list(array_map($words->coded(...), array_values(array_diff($joint->points, $fixed)))),
            'on' => $words->shortPlace($fixed[0]),
            'role' => $words->role($role),
        ]);
    }

    /** Why there is no plan, in words. */
    public function impossible(): string
    {
        $reason = $this->planning->reason->value ?? '';
        $shortages = array_map(fn (Shortage $shortage) => $this->words->say($shortage->hasNoneForNeutral ? 'plan.no-neutral' : 'plan.shortage', [
            'cable' => $shortage->cable,
            'has' => $shortage->has,
            'needs' => $shortage->needs,
            'scheme' => $this->words->say("parts.scheme.$shortage->scheme"),
        ]), $this->planning->shortages);

        $changes = array_map(
            fn (string $cable, CableType $type) => $this->words->say('plan.instead', ['cable' => $cable, 'type' => $type->print()]),
            array_keys($this->change),
            $this->change,
        );
        $change = $changes === [] ? '' : $this->words->say('plan.change', ['cables' => $this->words->list($changes)]);

        return implode(' ', array_filter([$this->words->say("plan.impossible.$reason"), ...$shortages, $change]));
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
