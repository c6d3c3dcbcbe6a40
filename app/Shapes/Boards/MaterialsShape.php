<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Lengths;
use App\Wording\StandardBoxName;
use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Board\Core;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\StandardBox;
use Zwindle\Plan\Materials\Cut;
use Zwindle\Plan\Materials\CutAllowances;
use Zwindle\Plan\Materials\CutList;
use Zwindle\Plan\Materials\Estimate;
use Zwindle\Plan\Materials\Materials;
use Zwindle\Plan\Materials\Part;
use Zwindle\Plan\Materials\PartKind;
use Zwindle\Plan\Materials\PricedPart;
use Zwindle\Plan\Materials\ShelfLine;
use Zwindle\Plan\Plan;

/** What to get ready for a planned board: materials, lengths to cut, labels for the ends. */
final readonly class MaterialsShape
{
    private Words $words;

    private Board $board;

    private Lengths $lengths;

    /** @var list<Cut> */
    private array $cuts;

    private Estimate $estimate;

    /** @param  array<string, ShelfLine>  $shelf  what is kept about prices and stock, by the key of the part */
    public function __construct(private Plan $plan, private CutAllowances $allowances, private int $sets, array $shelf = [])
    {
        $this->board = $plan->wiring->board;
        $this->words = Words::of($plan->wiring);
        $this->cuts = CutList::of($this->board, $allowances);
        $this->lengths = new Lengths($this->board->practice);
        $this->estimate = Estimate::of(Materials::of($plan, $this->cuts, $sets), $this->board->practice, $shelf);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'sets' => $this->sets,
            'practice' => $this->board->practice->id,
            'unit' => $this->lengths->smallUnit(),
            'allowances' => [
                'free' => $this->lengths->small($this->allowances->freeM), 'sheath' => $this->lengths->small($this->allowances->sheathM),
                'waste' => $this->allowances->wastePercent, 'round' => $this->lengths->small($this->allowances->roundUpToM),
            ],
            'allowed' => __('materials.allowed', [
                'free' => $this->lengths->place($this->allowances->freeM * 1000),
                'sheath' => $this->lengths->place($this->allowances->sheathM * 1000),
                'waste' => (string) $this->allowances->wastePercent, 'round' => $this->lengths->place($this->allowances->roundUpToM * 1000),
            ]),
            'materials' => $this->materials(),
            'shelf' => $this->shelf(),
            'total' => $this->total(),
            'cuts' => $this->cuts(),
            'labels' => $this->labels(),
            'schedule' => $this->schedule(),
        ];
    }

    /** @return list<array{kind: string, what: string, amount: string, cost: string, short: string}> */
    public function materials(): array
    {
        return array_map(fn (PricedPart $line) => [
            'kind' => __("materials.kind.{$line->part->kind->value}"),
            'what' => $this->what($line->part),
            'amount' => $line->amount > 0 ? $this->amount($line->part, $line->amount) : __('materials.unknown'),
            'cost' => $line->costCents === null ? '' : $this->money($line->costCents),
            'short' => $line->short === null || $line->short <= 0.0 ? '' : $this->amount($line->part, $line->short),
        ], $this->estimate->lines);
    }

    /** @return list<array{part: string, price: string, held: string, unit: string}> what is kept about each line, to be changed */
    private function shelf(): array
    {
        return array_map(fn (PricedPart $line) => [
            'part' => $line->part->key(),
            'price' => $line->shelf->priceCents === null ? '' : number_format($line->shelf->priceCents / 100, 2, '.', ''),
            'held' => $line->shelf->held === null ? '' : (string) $line->shelf->held,
            'unit' => $line->part->kind === PartKind::Cable ? $this->lengths->runUnit() : __('materials.piece'),
        ], $this->estimate->lines);
    }

    /** What everything comes to, in words; empty without prices. */
    private function total(): string
    {
        $total = $this->estimate->totalCents();

        return $total === null ? '' : trans_choice('materials.total', $this->estimate->withoutPrice(), ['sum' => $this->money($total)]);
    }

    private function amount(Part $part, float $amount): string
    {
        return $part->kind === PartKind::Cable
            ? number_format($amount, $this->board->practice->isImperial ? 1 : 2).' '.$this->lengths->runUnit()
            : (string) (int) $amount;
    }

    private function money(int $cents): string
    {
        return $this->words->say('materials-words.money').number_format($cents / 100, 2);
    }

    /** @return list<array{cable: string, type: string, from: string, to: string, run: string, cut: string}> */
    public function cuts(): array
    {
        return array_map(fn (Cut $cut) => [
            'cable' => $cut->cable->id,
            'type' => $this->cable($cut->cable->type->id, $cut->cable->colour?->value),
            'from' => $this->words->box($cut->cable->from),
            'to' => $this->words->box($cut->cable->to),
            'run' => $cut->runM === null ? __('materials.unknown') : $this->lengths->run($cut->runM),
            'cut' => $cut->cutM === null ? __('materials.unknown') : $this->lengths->run($cut->cutM),
        ], $this->cuts);
    }

    /** @return list<array<string, string>> where every conductor end goes */
    public function schedule(): array
    {
        return (new WiringSchedule($this->plan))->rows();
    }

    /** @return list<array{cable: string, end: string, other: string, carries: string}> one for each end of each cable */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->board->cables as $cable) {
            $carries = implode(
                ', ',
                array_map(
                    fn (Core $core) => $core->colour->flag($this->board->practice).' '.$this->words->role(
                        $this->plan->roleOf($core)->value,
                    ),
                    array_values($cable->cores),
                ),
            );
            foreach ([[$cable->from, $cable->to], [$cable->to, $cable->from]] as [$here, $there]) {
                $labels[] = [
                    'cable' => $cable->id,
                    'end' => $this->words->box($here),
                    'other' => $this->words->box($there),
                    'carries' => $carries,
                ];
            }
        }

        return $labels;
    }

    private function box(string $what): string
    {
        $standard = StandardBox::find($what);

        return $standard === null ? __('materials.box.'.str_replace(' ', '-', $what)) : StandardBoxName::of($standard);
    }

    private function what(Part $part): string
    {
        return match ($part->kind) {
            PartKind::Device => $this->device($part->what),
            PartKind::Box => $this->box($part->what),
            PartKind::Cable => $this->cable(...explode(' ', $part->what)),
            PartKind::Connector => $this->words->say('plan.connector.'.explode(' ', $part->what)[0], [
                'ports' => explode(' ', $part->what)[1],
            ]),
            PartKind::Cap => __('materials.cap'),
            PartKind::Mark => $this->words->say("materials-words.mark.$part->what"),
            PartKind::Entry => $this->words->say('materials-words.entry'),
            PartKind::Support => $this->words->say('materials-words.support'),
        };
    }

    private function device(string $model): string
    {
        foreach ($this->board->devices as $device) {
            if ($device->model->id === $model) {
                return $device->model->function === null
                    ? $this->words->say("parts.model.$model")
                    : $this->words->switchKind($device->model->function->value);
            }
        }

        return $model;
    }

    private function cable(string $type, ?string $colour = null): string
    {
        $print = CableType::find($type)->print ?? $type;

        return $colour === null ? $print : $print.' '.$this->words->say("parts.colour.$colour");
    }
}
