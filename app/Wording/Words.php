<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\App;
use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\Mounting;
use Zwindle\Board\Point;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\Landing;
use Zwindle\Catalogue\Devices\LandingShape;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Hunt\NewPart;

/** Places and parts of one board in the trade English of its practice. */
final readonly class Words
{
    /** Finishes that tell a screw from its neighbours. */
    private const TELLING = ['dark', 'silver'];

    /** @var array<string, Point> */
    private array $points;

    /** @param  array<string, DeviceModel>  $fitted */
    public function __construct(
        private Board $board,
        private array $fitted = [],
    ) {
        // A move may name a place that only the board's own part has.
        $this->points = $board->points($fitted) + $board->points();
    }

    public static function of(Wiring $wiring): self
    {
        return new self($wiring->board, $wiring->fitted);
    }

    /** @param  array<string, string|int>  $params */
    public function say(string $key, array $params = []): string
    {
        return __($key, $params, Region::of($this->board->practice));
    }

    /** @param  array<string, string|int>  $params */
    public function count(string $key, int $count, array $params = []): string
    {
        return trans_choice($key, $count, $params, Region::of($this->board->practice));
    }

    /** What the board goes by. */
    public function edition(): CodeEdition
    {
        return $this->board->edition;
    }

    public function box(string $enclosure): string
    {
        return $this->board->enclosures[$enclosure]->label;
    }

    /** @return array<string, string> what both regions say, with what the board's own says besides or otherwise */
    public function group(string $key): array
    {
        $lines = fn (string $locale): array => array_filter([trans($key, [], $locale)], is_array(...))[0] ?? [];

        return [...$lines(App::getLocale()), ...$lines(Region::of($this->board->practice))];
    }

    /** `the switch at Gate post`, with its id where one box has several. */
    public function device(string $id): string
    {
        $device = $this->board->devices[$id];
        $siblings = array_filter(
            $this->board->devicesIn($device->enclosure),
            fn (Device $other) => $other->model->kind === $device->model->kind,
        );
        $name = $this->say('parts.kind.'.$device->model->kind->value);
        $name = count($siblings) > 1 ? "$name $id" : $name;

        return $device->is(DeviceKind::Supply)
            ? $this->say('parts.supply')
            : $this->say('parts.at', ['what' => $name, 'box' => $this->box($device->enclosure)]);
    }

    /** What a switch of a function is called. */
    public function switchKind(string $function): string
    {
        return $this->say("parts.function.$function");
    }

    /** What goes into the place of a part: `lamp`, `four-way`. */
    public function partKind(string $kind): string
    {
        return $kind === NewPart::LAMP ? $this->say('proving.lamp') : $this->switchKind($kind);
    }

    public function role(string $role): string
    {
        return $this->say("parts.role.$role");
    }

    /** A point with the box it is in: `the common screw of the switch at Gate post`. */
    public function place(string $id): string
    {
        $point = $this->point($id);
        if ($point === null) {
            return isset($this->board->enclosures[$id]) ? $this->box($id) : $this->device($id);
        }

        return match ($point->kind) {
            PointKind::ConductorEnd => $this->say('parts.end-in', ['end' => $this->end($point), 'box' => $this->box($point->enclosure)]),
            PointKind::EnclosureEarth => $this->say('parts.box-earth', ['box' => $this->box($point->enclosure)]),
            default => $this->say('parts.terminal-of', [
                'terminal' => $this->terminal($point),
                'device' => $this->device((string) $point->device),
            ]),
        };
    }

    /** A point without its box, for a list under the name of the box. */
    public function shortPlace(string $id): string
    {
        $point = $this->point($id);

        return match ($point?->kind) {
            null => $this->device($id),
            PointKind::ConductorEnd => $this->end($point),
            PointKind::EnclosureEarth => $this->say('parts.own-earth'),
            default => $this->say('parts.short-terminal', ['terminal' => $this->terminal($point), 'device' => (string) $point->device]),
        };
    }

    /** A point without its box, a conductor with the letter code of its color: `the black of W1 (to Gate post) [BLK]`. */
    public function coded(string $id): string
    {
        $core = $this->point($id)?->core;

        return $this->shortPlace($id).($core === null ? '' : ' ['.$core->colour->flag($this->board->practice).']');
    }

    /** A conductor by its color alone: `the black`. */
    public function wireOf(string $id): string
    {
        $core = $this->point($id)?->core;

        return $core === null
            ? $this->shortPlace($id)
            : $this->say('parts.wire', ['colour' => $this->say('parts.colour.'.$core->colour->value)]);
    }

    /** A terminal without its device: `common screw`. */
    public function terminalOf(string $id): string
    {
        $point = $this->point($id);

        return $point?->terminal === null ? '' : $this->terminal($point);
    }

    /** The device of a terminal or a lead, a device's own id; null for a conductor end. */
    public function deviceOf(string $id): ?string
    {
        return $this->point($id)->device ?? (isset($this->board->devices[$id]) ? $id : null);
    }

    /** The place beyond the board that the cable of an end goes on to. */
    public function beyondOf(string $end): ?string
    {
        return $this->point($end)?->core?->beyond;
    }

    /** The enclosure of a point or a device; an enclosure's own id. */
    public function enclosureOf(string $id): string
    {
        return $this->point($id)->enclosure ?? $this->board->devices[$id]->enclosure ?? $id;
    }

    /** @param  list<string>  $ids */
    public function places(array $ids): string
    {
        return $this->list(array_map($this->place(...), $ids));
    }

    /**
     * Places box by box, the box first: `Far bench, the common screw and the red of W2`. What is not in a box stands alone.
     *
     * @param  list<string>  $ids
     * @param  int|null  $most  places that are named, the rest counted; all if null
     */
    public function spots(array $ids, ?int $most = null): string
    {
        $rest = $most === null ? 0 : max(0, count($ids) - $most);
        $ids = $rest === 0 ? $ids : array_slice($ids, 0, $most);
        $byBox = [];
        foreach ($ids as $id) {
            $byBox[$this->enclosureOf($id)][] = $this->point($id) === null ? '' : $this->inItsBox($id);
        }
        $spots = [];
        foreach ($byBox as $box => $places) {
            $named = array_values(array_unique(array_filter($places)));
            $label = isset($this->board->enclosures[$box]) ? $this->box($box) : $this->device($box);
            $spots[] = $named === [] ? $label : "$label, ".$this->list($named);
        }

        return implode('; ', $spots).($rest === 0 ? '' : ' '.$this->count('parts.and-more', $rest));
    }

    /** A point under the name of its box: a terminal says what it looks like, and whose it is only where the box holds several parts. */
    private function inItsBox(string $id): string
    {
        $point = $this->point($id);
        if ($point?->terminal === null || $point->device === null) {
            return $this->shortPlace($id);
        }
        $key = count($this->board->devicesIn($point->enclosure)) > 1 ? 'parts.short-terminal' : 'parts.only-terminal';
        $where = $this->blockOf($point);

        $named = $this->say($key, ['terminal' => trim($this->finishOf($point).' '.$this->terminal($point)), 'device' => $point->device]);

        return $where === '' ? $named : "$named ($where)";
    }

    /** Which of several blocks without a print it is, as one looks at them: `second block from the left`; of the rest nothing. */
    private function blockOf(Point $point): string
    {
        $device = $this->board->devices[(string) $point->device];
        $blocks = array_filter(
            isset($this->fitted[$device->id]) ? [] : $device->face()->landings,
            fn (Landing $landing) => $landing->shape === LandingShape::Block && $landing->print === '',
        );
        usort($blocks, fn (Landing $a, Landing $b) => $a->x <=> $b->x);
        $at = array_search($point->terminal?->name, array_map(fn (Landing $landing) => $landing->terminal, $blocks), true);

        return $at === false ? '' : $this->say('parts.block', ['number' => (int) $at + 1, 'count' => count($blocks)]);
    }

    /** Of a screw that is told by its finish: `dark`, as it is printed nowhere; of the rest nothing. */
    private function finishOf(Point $point): string
    {
        $device = $this->board->devices[(string) $point->device];
        if (isset($this->fitted[$device->id])) {
            return '';
        }
        foreach ($device->face()->landings as $landing) {
            if ($landing->terminal === $point->terminal?->name && in_array($landing->finish, self::TELLING, true)) {
                return $this->say("bench.finish.$landing->finish");
            }
        }

        return '';
    }

    /**
     * @param  list<string>  $items
     * @param  int|null  $most  that are named, the rest counted; all if null
     */
    public function list(array $items, ?int $most = null): string
    {
        $rest = $most === null ? 0 : max(0, count($items) - $most);
        if ($rest > 0) {
            return implode(', ', array_slice($items, 0, $most)).' '.$this->count('parts.and-more', $rest);
        }
        $last = array_pop($items);

        return $items === [] ? (string) $last : $this->say('parts.and', ['first' => implode(', ', $items), 'last' => (string) $last]);
    }

    private function end(Point $point): string
    {
        if ($point->core === null) {
            return $point->id;
        }
        $cable = $this->board->cables[$point->core->cable];

        return $this->say($cable->type->isSingle ? 'parts.single' : 'parts.core', [
            'colour' => $this->say('parts.colour.'.$point->core->colour->value),
            'cable' => $cable->id,
            'far' => $this->box($cable->farFrom($point->enclosure)),
        ]);
    }

    private function terminal(Point $point): string
    {
        $own = $this->board->devices[$point->device]->model;
        $fitted = $this->fitted[$point->device] ?? $own;
        $model = $point->terminal === null || in_array($point->terminal->name, array_column($fitted->terminals, 'name'), true)
            ? $fitted
            : $own;

        if ($point->isEarthing() && $model->kind === DeviceKind::Switch) {
            $isMetal = $this->board->enclosures[$point->enclosure]->isMetal;

            return $this->say('parts.switch-earth.'.($isMetal ? 'metal' : 'plastic'));
        }

        return $this->say("parts.terminal.$model->id.".$point->terminal?->name, ['print' => $this->printOn($point, $model)]);
    }

    /** What the face of a part prints at a terminal; of two that print the same, which of them. */
    private function printOn(Point $point, DeviceModel $model): string
    {
        $device = $this->board->devices[(string) $point->device];
        $own = isset($this->fitted[$device->id]) ? $device->fitted($model)->mounted(new Mounting) : $device;
        $prints = [];
        foreach ($own->face()->landings as $landing) {
            $prints[$landing->terminal] = $landing->print;
        }
        $print = $prints[(string) $point->terminal?->name] ?? '';
        $alike = array_keys($prints, $print, true);
        $nth = array_search($point->terminal?->name, $alike, true);

        return count($alike) === 2 && $nth !== false
            ? $this->say("parts.nth-print.$nth", ['print' => $print])
            : $print;
    }

    private function point(string $id): ?Point
    {
        return $this->points[$id] ?? $this->board->beyond($id);
    }
}
