<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Board\Board;
use Zwindle\Board\Core;
use Zwindle\Catalogue\CableType;
use Zwindle\Catalogue\Practice;
use Zwindle\Catalogue\StandardBox;
use Zwindle\Materials\Cut;
use Zwindle\Materials\CutAllowances;
use Zwindle\Materials\CutList;
use Zwindle\Materials\Materials;
use Zwindle\Materials\Part;
use Zwindle\Materials\PartKind;
use Zwindle\Plan\Plan;

/** What to get ready for a planned board: materials, lengths to cut, labels for the ends. */
final readonly class MaterialsReport
{
    private const FEET_PER_METRE = 3.28084;

    private Words $words;

    private Board $board;

    /** @var list<Cut> */
    private array $cuts;

    public function __construct(private Plan $plan, private CutAllowances $allowances, private int $sets)
    {
        $this->board = $plan->wiring->board;
        $this->words = Words::of($plan->wiring);
        $this->cuts = CutList::of($this->board, $allowances);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'sets' => $this->sets,
            'allowances' => ['end' => $this->allowances->atEachEndM, 'waste' => $this->allowances->wastePercent, 'round' => $this->allowances->roundUpToM],
            'allowed' => __('materials.allowed', ['end' => $this->length($this->allowances->atEachEndM), 'waste' => (string) $this->allowances->wastePercent, 'round' => $this->length($this->allowances->roundUpToM)]),
            'materials' => $this->materials(),
            'cuts' => $this->cuts(),
            'labels' => $this->labels(),
        ];
    }

    /** @return list<array{kind: string, what: string, amount: string}> */
    public function materials(): array
    {
        return array_map(fn (Part $part) => [
            'kind' => __("materials.kind.{$part->kind->value}"),
            'what' => $this->what($part),
            'amount' => $part->kind === PartKind::Cable ? ($part->amount > 0 ? $this->length($part->amount) : __('materials.unknown')) : (string) (int) $part->amount,
        ], Materials::of($this->plan, $this->cuts, $this->sets));
    }

    /** @return list<array{cable: string, type: string, from: string, to: string, run: string, cut: string}> */
    public function cuts(): array
    {
        return array_map(fn (Cut $cut) => [
            'cable' => $cut->cable->id,
            'type' => $this->cable($cut->cable->type->id, $cut->cable->colour?->value),
            'from' => $this->words->box($cut->cable->from),
            'to' => $this->words->box($cut->cable->to),
            'run' => $cut->runM === null ? __('materials.unknown') : $this->length($cut->runM),
            'cut' => $cut->cutM === null ? __('materials.unknown') : $this->length($cut->cutM),
        ], $this->cuts);
    }

    /** @return list<array{cable: string, end: string, other: string, carries: string}> one for each end of each cable */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->board->cables as $cable) {
            $carries = implode(', ', array_map(fn (Core $core) => $core->colour->flag($this->board->practice).' '.$this->words->role($this->plan->result->evidence->roles->at($core->ends()[0])[0]->value), array_values($cable->cores)));
            foreach ([[$cable->from, $cable->to], [$cable->to, $cable->from]] as [$here, $there]) {
                $labels[] = ['cable' => $cable->id, 'end' => $this->words->box($here), 'other' => $this->words->box($there), 'carries' => $carries];
            }
        }

        return $labels;
    }

    private function what(Part $part): string
    {
        return match ($part->kind) {
            PartKind::Device => $this->device($part->what),
            PartKind::Box => StandardBox::find($part->what) === null ? __('materials.box.'.str_replace(' ', '-', $part->what)) : $part->what,
            PartKind::Cable => $this->cable(...explode(' ', $part->what)),
            PartKind::Connector => $this->words->say('plan.connector.'.explode(' ', $part->what)[0], ['ports' => explode(' ', $part->what)[1]]),
            PartKind::Cap => __('materials.cap'),
            PartKind::Mark => $this->words->say("materials-words.mark.$part->what"),
            PartKind::Support => $this->words->say('materials-words.support'),
        };
    }

    private function device(string $model): string
    {
        foreach ($this->board->devices as $device) {
            if ($device->model->id === $model) {
                return $device->model->function === null ? $this->words->say("parts.model.$model") : $this->words->switchKind($device->model->function->value);
            }
        }

        return $model;
    }

    private function cable(string $type, ?string $colour = null): string
    {
        $print = CableType::find($type)?->print() ?? $type;

        return $colour === null ? $print : $print.' '.$this->words->say("parts.colour.$colour");
    }

    /** In feet in North America, in metres in Britain. */
    private function length(float $metres): string
    {
        return $this->board->practice === Practice::NorthAmerica
            ? number_format($metres * self::FEET_PER_METRE, 1).' ft'
            : number_format($metres, 2).' m';
    }
}
