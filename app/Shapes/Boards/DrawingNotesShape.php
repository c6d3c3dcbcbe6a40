<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Lengths;
use App\Wording\StandardBoxName;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Board\Board;
use Zwindle\Board\BoardWarning;
use Zwindle\Board\BoardWarnings;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Plan\Materials\RunLength;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Refusal\NeutralAt;

/** What stands beside each cable and box of a drawing. */
final readonly class DrawingNotesShape
{
    private Words $words;

    public function __construct(private Board $board)
    {
        $this->words = new Words($board);
    }

    /** @return list<array{about: list<string>, message: string}> what is allowed and most likely not meant */
    public function warnings(): array
    {
        return array_map(fn (BoardWarning $warning) => [
            'about' => array_values(array_unique(array_map(
                fn (string $id) => isset($this->board->cables[$id]) ? $id : $this->words->enclosureOf($id),
                $warning->about,
            ))),
            'message' => Str::ucfirst(__(
                "drawing.warning.{$warning->kind->value}",
                ['what' => $this->words->list(array_map($this->named(...), $warning->about))],
            )),
        ], BoardWarnings::about($this->board));
    }

    private function named(string $id): string
    {
        return isset($this->board->cables[$id])
            ? $id
            : (isset($this->board->enclosures[$id]) ? $this->words->box($id) : $this->words->device($id));
    }

    public function scheme(string $scheme): string
    {
        return $this->words->say("parts.scheme.$scheme");
    }

    /**
     * @return list<array{id: string, print: string, type: string, proposed: bool, length: string, cores: list<array{colour: string,
     *     flag: string, role: string}>}>
     */
    public function cables(Plan $plan): array
    {
        return array_map(fn (Cable $cable) => [
            'id' => $cable->id,
            'print' => $cable->type->print,
            'type' => $cable->type->id,
            'proposed' => $this->board->cables[$cable->id]->type->isUndecided(),
            'length' => $this->length($cable),
            'cores' => array_values(array_map(fn (Core $core) => [
                'colour' => $core->colour->value,
                'flag' => $core->colour->flag($this->board->practice),
                'role' => $this->role($plan, $core),
            ], $cable->cores)),
        ], array_values($plan->wiring->board->cables));
    }

    private function role(Plan $plan, Core $core): string
    {
        $role = $this->words->role($plan->roleOf($core)->value);
        $isMarked = array_filter(
            $core->ends(),
            fn (string $end) => $plan->wiring->markOn($end) !== null && ! $core->colour->isEarths(),
        ) !== [];

        return $isMarked ? __("drawing.marked.{$this->board->practice->words}", ['role' => $role]) : $role;
    }

    private function length(Cable $cable): string
    {
        $lengthM = RunLength::of($this->board, $cable);

        return $lengthM === null ? '' : (new Lengths($this->board->practice))->run($lengthM);
    }

    /**
     * @return list<array{id: string, text: string, share: float|null, fits: bool|null, neutral: string,
     *     larger: string|null}> how full each box gets; in Britain the figures of its lamp
     */
    public function boxes(Plan $plan): array
    {
        $figures = $this->board->practice->reckonsBoxFill ? $this->fills($plan) : $this->drops($plan);
        foreach ($this->board->devicesOf(DeviceKind::Switch) as $switch) {
            $figures[$switch->enclosure] ??= ['text' => '', 'share' => null, 'fits' => null];
            $figures[$switch->enclosure]['neutral'] = __(
                NeutralAt::hasNeutral($plan, $switch->enclosure) ? 'drawing.neutral' : 'drawing.no-neutral',
            );
        }

        return array_map(fn (string $box, array $figure) => [
            'id' => $box,
            'neutral' => '',
            'larger' => null,
            ...$figure,
        ], array_keys($figures), $figures);
    }

    /** @return array<string, array{text: string, share: float|null, fits: bool|null, larger: string|null}> */
    private function fills(Plan $plan): array
    {
        $figures = [];
        foreach ((new FillCount($plan->wiring->board, $plan->wiring->board->edition, $plan->wiring))->boxes() as $fill) {
            $figures[$fill->enclosure->id] = [
                'text' => self::fill($fill),
                'share' => $fill->volumeIn3 === null ? null : $fill->usedIn3->dividedBy($fill->volumeIn3)->toFloat(),
                'fits' => $fill->fits(),
                'larger' => $fill->fits() === false ? $fill->smallestBox()?->id : null,
            ];
        }

        return $figures;
    }

    /** @return array<string, array{text: string, share: float|null, fits: bool|null}> the lamp with the largest drop of each box */
    private function drops(Plan $plan): array
    {
        $survey = new Survey(Circuit::of($plan->wiring->on(RunLength::filledIn($plan->wiring->board))));
        $figures = [];
        foreach ((new BritishFigures($survey))->lamps() as $lamp) {
            $share = $lamp->dropV === null ? null : $lamp->dropV / VoltDrop::limitV($this->board->practice);
            $box = $this->board->devices[$lamp->lamp]->enclosure;
            if ($share !== null && $share > ($figures[$box]['share'] ?? -1.0)) {
                $text = __('drawing.drop', [
                    'volt' => number_format((float) $lamp->dropV, 2),
                    'limit' => (string) VoltDrop::limitV($this->board->practice),
                    'ohm' => $lamp->r1r2Ohm === null ? '?' : number_format($lamp->r1r2Ohm, 2),
                ]);
                $figures[$box] = ['text' => $text, 'share' => $share, 'fits' => $share <= 1.0];
            }
        }

        return $figures;
    }

    private static function fill(BoxFill $fill): string
    {
        $params = ['used' => self::in3($fill->usedIn3->toFloat()), 'volume' => self::in3($fill->volumeIn3?->toFloat() ?? 0.0)];
        $box = $fill->fits() === false ? $fill->smallestBox() : null;

        return match (true) {
            $fill->volumeIn3 === null => __('drawing.fill-alone', $params),
            $fill->fits() === true => __('drawing.fill', $params),
            $box === null => __('drawing.too-small-for-all', $params),
            default => __('drawing.too-small', [...$params, 'box' => StandardBoxName::of($box)]),
        };
    }

    private static function in3(float $volume): string
    {
        return number_format($volume, 2);
    }
}
