<?php

declare(strict_types=1);

namespace App\Paper\Hunt;

use App\Paper\Page\Pdf;
use App\Shapes\Hunt\HuntShape;
use App\Wording\MistakeSentence;
use App\Wording\MoveSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Hunt\EqualFaults;
use Zwindle\Hunt\Symptom;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;

/** Cards for an instructor: which fault goes into which board and how, the trainee's sheet, a key to be sealed, and how to put it right. */
final readonly class FaultCards
{
    private Words $words;

    public function __construct(private Wiring $right, private int $seats, private string $seed)
    {
        $this->words = Words::of($right);
    }

    public function pdf(): string
    {
        $board = $this->right->board;

        return Pdf::of('paper.fault-cards', $this->page(), $board->practice, $board->title);
    }

    /** @return array<string, mixed> what is printed */
    public function page(): array
    {
        $cautions = ['hands', 'neutral', 'live'];

        return [
            'title' => $this->right->board->title,
            'cards' => $this->cards(),
            'cautions' => array_combine(
                $cautions,
                array_map(fn (string $caution) => $this->words->say("caution.$caution"), $cautions),
            ),
        ];
    }

    /**
     * @return list<array{seat: int, fault: string, putIn: list<string>, putRight: list<string>, symptom: string, looks: int,
     *     note: string}>
     */
    public function cards(): array
    {
        return array_map(fn (array $dealt, int $seat) => [
            'seat' => $seat + 1,
            'fault' => $this->text($dealt['fault']),
            'putIn' => $this->putIn($dealt['fault']),
            'putRight' => $this->putRight($dealt['fault']),
            'symptom' => HuntShape::symptom(Symptom::of($dealt['fault'])),
            'looks' => $dealt['looks'],
            'note' => match (true) {
                $dealt['fault']->isLooseSomewhere() => 'loose',
                $dealt['fault']->table()->everTrips() => 'trips',
                default => '',
            },
        ], $faults = EqualFaults::of($this->right, $this->seats, $this->seed), array_keys($faults));
    }

    private function text(Suspect $fault): string
    {
        return (new MistakeSentence($this->words))->sentence($fault->mistakes);
    }

    /** @return list<string> */
    private function putIn(Suspect $fault): array
    {
        $mistake = array_values($fault->mistakes)[0];
        $sentence = new MoveSentence($this->right);

        return match (true) {
            $mistake->kind === MistakeKind::LampBlown => [$this->say('blown', (string) $mistake->fault?->device)],
            Suspect::isLoose($mistake) => [$this->say('loosen', $mistake->at[0])],
            default => array_map($sentence->of(...), $mistake->moves),
        };
    }

    /** @return list<string> */
    private function putRight(Suspect $fault): array
    {
        $mistake = array_values($fault->mistakes)[0];
        $sentence = new MoveSentence($fault->look());

        return match (true) {
            $mistake->kind === MistakeKind::LampBlown => [$this->say('good-lamp', (string) $mistake->fault?->device)],
            Suspect::isLoose($mistake) => [$this->say('tighten', $mistake->at[0])],
            default => array_map(fn (Move $move) => $sentence->of($move), Mending::of($fault)),
        };
    }

    private function say(string $key, string $at): string
    {
        $place = $this->words->deviceOf($at) === $at ? $this->words->device($at) : $this->words->place($at);

        return Str::ucfirst($this->words->say("diagnosis.card.$key", ['place' => $place]));
    }
}
