<?php

declare(strict_types=1);

namespace App\Shapes\Tasks;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Exam\Grading\Attack;
use Zwindle\Exam\Grading\Attacked;

/** What an attack on a marking found, in words, each with the board as it would stand. */
final readonly class AttackShape
{
    /** Enough to see what a marking lets pass. */
    private const MOST = 60;

    public function __construct(private Attack $attack)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'mistakes' => $this->attack->mistakes,
            'oddities' => $this->attack->oddities,
            'isFinished' => $this->attack->isFinished,
            'hasPairs' => $this->attack->hasPairs,
            'passingCount' => count($this->attack->passing),
            'losingCount' => count($this->attack->losing),
            'passing' => array_map($this->one(...), array_slice($this->attack->passing, 0, self::MOST)),
            'losing' => array_map($this->one(...), array_slice($this->attack->losing, 0, self::MOST)),
        ];
    }

    /** @return array{text: string, got: float, total: int, standing: list<array<string, mixed>>} */
    private function one(Attacked $attacked): array
    {
        $words = new Words($attacked->wiring->board);
        $text = $attacked->odd === null
            ? (new MistakeSentence($words))->all($attacked->mistakes)
            : $words->say("task.odd.{$attacked->odd->change->value}", ['what' => $words->places($attacked->odd->at)]);

        return [
            'text' => Str::ucfirst($text),
            'got' => $attacked->grade->got(),
            'total' => $attacked->grade->total,
            'standing' => WiringAsSteps::of($attacked->wiring),
        ];
    }
}
