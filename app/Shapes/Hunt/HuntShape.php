<?php

declare(strict_types=1);

namespace App\Shapes\Hunt;

use App\Queries\Proving\Proving;
use App\Shapes\Classes\DebriefShape;
use App\Shapes\Proving\ProofShape;
use App\Wording\MistakeSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Hunt\FaultHunt;
use Zwindle\Hunt\Symptom;
use Zwindle\Hunt\Worth;
use Zwindle\Proving\Order\SafeIsolation;
use Zwindle\Proving\Order\StepReport;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Mistake\Mistake;

/** How a fault was looked for, shown afterwards: what it was, what was named, how safely, and the path beside the best one. */
final readonly class HuntShape
{
    private Words $words;

    private ProofShape $proof;

    public function __construct(private Proving $proving, private FaultHunt $hunt)
    {
        $this->words = Words::of($hunt->placed->right);
        $this->proof = new ProofShape($proving);
    }

    /**
     * @param  list<Worth>  $path
     * @param  list<Worth>  $best  the shortest way there was
     * @param  Advice|null  $afterwards  on the board as it was left; null where it is right
     * @return array<string, mixed>
     */
    public function json(array $path, SafeIsolation $isolation, array $best, ?Advice $afterwards): array
    {
        $log = $this->proving->log();
        $own = $this->proving->state()->supply->own;
        $sentence = $this->proof->sentence;

        return [
            'symptom' => self::symptom(Symptom::of($this->hunt->placed->suspect)),
            'faults' => array_map(
                fn (Mistake $fault) => (new MistakeSentence($this->words))->sentence([$fault]),
                array_values($this->hunt->placed->faults),
            ),
            'named' => (new HuntBenchShape($this->hunt, $sentence))->named(),
            'left' => $this->left($afterwards),
            'steps' => array_map(fn (StepReport $report) => [
                'name' => $sentence->step($report->step),
                'state' => $report->state->value,
                'why' => $report->why === null ? '' : $sentence->reason($report->why),
            ], $this->hunt->neededIsolation() ? $isolation->steps : []),
            'hazards' => array_map($sentence->reason(...), $isolation->hazards),
            'path' => array_map(fn (Worth $worth) => [
                'text' => $sentence->did($log[$worth->act], $own),
                'percent' => (int) round(100 * $worth->share()),
                'better' => $worth->share() > 0.999 ? '' : $this->test($worth->bestTest),
                'left' => $worth->left,
            ], $path),
            'best' => array_map(fn (Worth $worth) => [
                'text' => Str::ucfirst($this->test($worth->bestTest)),
                'left' => $worth->left,
            ], $best),
        ];
    }

    /** @return list<string> what is not right on the board as hands have left it */
    private function left(?Advice $afterwards): array
    {
        $board = $this->hunt->board;
        $left = array_map(fn (Mistake $fault) => (new MistakeSentence($this->words))->sentence([$fault]), $board->left());

        return $left === [] && $afterwards !== null ? (new DebriefShape($afterwards))->mistakes() : $left;
    }

    public static function symptom(Symptom $symptom): string
    {
        return __("diagnosis.symptom.$symptom->value");
    }

    /** @param  array{string, string}  $test */
    private function test(array $test): string
    {
        [$kind, $at] = $test;

        return match ($kind) {
            'box' => $this->words->say('diagnosis.best.box', ['box' => $this->words->box($at)]),
            'flip' => $this->words->say('diagnosis.best.flip', ['switch' => $at]),
            'reset' => $this->words->say('diagnosis.best.reset'),
            default => $this->words->say('diagnosis.best.live', [
                'box' => $this->words->box($this->words->enclosureOf($at)), 'place' => $this->words->shortPlace($at),
            ]),
        };
    }
}
