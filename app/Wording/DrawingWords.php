<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\Doubt;
use Zwindle\Board\Doubts;
use Zwindle\Catalogue\Practice;
use Zwindle\Fill\BoxFill;
use Zwindle\Fill\FillCount;
use Zwindle\Plan\Plan;

/** What stands beside each cable and box of a drawing. */
final readonly class DrawingWords
{
    private Words $words;

    public function __construct(private Board $board)
    {
        $this->words = new Words($board);
    }

    /** @return list<array{about: list<string>, message: string}> what is allowed and most likely not meant */
    public function doubts(): array
    {
        return array_map(fn (Doubt $doubt) => [
            'about' => array_values(array_unique(array_map(fn (string $id) => isset($this->board->cables[$id]) ? $id : $this->words->enclosureOf($id), $doubt->about))),
            'message' => Str::ucfirst(__("drawing.doubt.{$doubt->kind->value}", ['what' => $this->words->list(array_map($this->named(...), $doubt->about))])),
        ], Doubts::about($this->board));
    }

    private function named(string $id): string
    {
        return isset($this->board->cables[$id]) ? $id : (isset($this->board->enclosures[$id]) ? $this->words->box($id) : $this->words->device($id));
    }

    public function scheme(string $scheme): string
    {
        return $this->words->say("parts.scheme.$scheme");
    }

    /** @return list<array{id: string, print: string, proposed: bool, cores: list<array{colour: string, flag: string, role: string}>}> */
    public function cables(Plan $plan): array
    {
        return array_map(fn (Cable $cable) => [
            'id' => $cable->id,
            'print' => $cable->type->print(),
            'type' => $cable->type->id,
            'proposed' => $this->board->cables[$cable->id]->type->isUndecided(),
            'cores' => array_values(array_map(fn (Core $core) => [
                'colour' => $core->colour->value,
                'flag' => $core->colour->flag($this->board->practice),
                'role' => $this->words->role($plan->result->evidence->roles->at($core->ends()[0])[0]->value),
            ], $cable->cores)),
        ], array_values($plan->wiring->board->cables));
    }

    /** @return list<array{id: string, text: string, share: float|null, fits: bool|null}> how full each box gets; empty in Britain */
    public function boxes(Plan $plan): array
    {
        if ($this->board->practice === Practice::Britain) {
            return [];
        }

        return array_map(fn (BoxFill $fill) => [
            'id' => $fill->enclosure->id,
            'text' => self::fill($fill),
            'share' => $fill->volumeIn3 === null ? null : $fill->usedIn3->dividedBy($fill->volumeIn3)->toFloat(),
            'fits' => $fill->fits(),
        ], (new FillCount($plan->wiring->board, $plan->wiring->board->edition, $plan->wiring))->boxes());
    }

    private static function fill(BoxFill $fill): string
    {
        $params = ['used' => self::in3($fill->usedIn3->toFloat()), 'volume' => self::in3($fill->volumeIn3?->toFloat() ?? 0.0)];
        $box = $fill->fits() === false ? $fill->smallestBox() : null;

        return match (true) {
            $fill->volumeIn3 === null => __('drawing.fill-alone', $params),
            $fill->fits() === true => __('drawing.fill', $params),
            $box === null => __('drawing.too-small-for-all', $params),
            default => __('drawing.too-small', [...$params, 'box' => $box->id]),
        };
    }

    private static function in3(float $volume): string
    {
        return number_format($volume, 2);
    }
}
