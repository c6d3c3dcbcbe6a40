<?php

declare(strict_types=1);

namespace App\Shapes\Diagnosis;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Zwindle\Board\End;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\NextTest;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Format\Write\MovesArray;
use Zwindle\Format\Write\WiringArray;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/** What fits what was seen, in the shape of the contract. */
final readonly class DiagnosisShape
{
    public function __construct(private Diagnosis $diagnosis)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'fits' => $this->diagnosis->fits,
            'mayBeRight' => $this->diagnosis->mayBeRight,
            'truncated' => $this->diagnosis->truncated,
            'suspects' => array_map($this->suspect(...), $this->diagnosis->suspects),
            'next' => array_map($this->next(...), $this->diagnosis->next),
            'contradictions' => array_map(fn (string $pointer) => [
                'pointer' => $pointer,
                'message' => __('diagnosis.contradiction', ['entry' => self::entry($pointer)]),
            ], $this->diagnosis->contradictions),
            'nearest' => array_map(
                fn (array $near) => [...$this->suspect($near[0]), 'against' => $near[1]],
                $this->diagnosis->nearest,
            ),
        ];
    }

    /** `/states/3` → `4th combination`. */
    public static function entry(string $pointer): string
    {
        [, $what, $place] = [...explode('/', $pointer), '', ''];

        return __("diagnosis.entry.$what", ['place' => (int) $place + 1]);
    }

    /** @return array<string, mixed> */
    private function suspect(Suspect $suspect): array
    {
        return [
            'mistakes' => array_values(array_map(
                fn (Mistake $mistake) => ['kind' => $mistake->kind->value, 'at' => $mistake->at],
                $suspect->mistakes,
            )),
            'text' => $this->text($suspect),
            'wiring' => WiringArray::of($suspect->look()),
            'inside' => array_merge(...array_map(self::inside(...), array_values($suspect->mistakes)), ...[[]]),
            'moves' => array_map(MovesArray::move(...), Mending::of($suspect)),
        ];
    }

    public function text(Suspect $suspect): string
    {
        $sentence = new MistakeSentence(Words::of($suspect->right));

        return $sentence->sentence($suspect->mistakes);
    }

    /** @return list<array<string, string>> what no eye sees of a mistake */
    private static function inside(Mistake $mistake): array
    {
        return match ($mistake->kind) {
            MistakeKind::CoreOpen => [['core' => End::parse($mistake->at[0])->ofCore(), 'fault' => 'open']],
            MistakeKind::ContactDead => [['device' => (string) $mistake->fault?->device, 'fault' => 'contact-dead']],
            MistakeKind::ContactStuck => [['device' => (string) $mistake->fault?->device, 'fault' => 'contact-stuck']],
            MistakeKind::LampBlown => [['device' => (string) $mistake->fault?->device, 'fault' => 'blown']],
            MistakeKind::PullChainOff => [['device' => (string) $mistake->fault?->device, 'fault' => 'pull-chain-off']],
            MistakeKind::LooseTerminal => [['point' => $mistake->at[0], 'fault' => 'loose']],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function next(NextTest $test): array
    {
        if ($test->kind !== 'flip') {
            return [$test->kind => $test->at];
        }
        $suspect = $this->diagnosis->suspects[0] ?? null;

        return ['flip' => $suspect === null ? [] : $suspect->circuit()->positionsIn((int) $test->at)];
    }
}
