<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Lang;
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
        $label = $this->box($device->enclosure);
        $isAlone = count($siblings) <= 1;

        return match (true) {
            $device->is(DeviceKind::Supply) => $this->say('parts.supply'),
            $isAlone && mb_strtolower($label) === $name => $this->say('parts.the', ['what' => $name]),
            // "Path light" says already what is there.
            $isAlone && preg_match('/\b'.preg_quote($name, '/').'\b/iu', $label) === 1 => $label,
            default => $this->say('parts.at', ['what' => $isAlone ? $name : "$name $id", 'box' => $label]),
        };
    }

    /** A device by the place it is at, as one calls it across a room: `Gate post`; with its id where one box has several alike. */
    public function placeOfDevice(string $id): string
    {
        $device = $this->board->devices[$id];
        $alike = array_filter(
            $this->board->devicesIn($device->enclosure),
            fn (Device $other) => $other->model->kind === $device->model->kind,
        );
        $label = $this->box($device->enclosure);

        return count($alike) > 1 ? $this->say('parts.at-place', ['id' => $id, 'box' => $label]) : $label;
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
                'terminal' => $this->theTerminal($point),
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
            default => $this->say('parts.short-terminal', ['terminal' => $this->theTerminal($point), 'device' => (string) $point->device]),
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

    /** A terminal without its device, by what eyes know it by: `dark screw 3`, `COM terminal`. */
    public function terminalOf(string $id): string
    {
        $point = $this->point($id);
        if ($point?->terminal === null) {
            return '';
        }
        $face = $this->faceOf($point, $this->modelOf($point));

        return $face === '' ? $this->terminal($point) : $face;
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

        $named = $this->say($key, ['terminal' => $this->theTerminal($point), 'device' => $point->device]);

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

    /** With its article, which a screw with a number has not: `the loop block`, `brass screw 1 (a traveler)`. */
    private function theTerminal(Point $point): string
    {
        $named = $this->terminal($point);

        return $this->isKnownByFace($point) ? $named : $this->say('parts.the', ['what' => $named]);
    }

    private function isKnownByFace(Point $point): bool
    {
        return $this->faceOf($point, $this->modelOf($point)) !== '';
    }

    /** The part that has the terminal: what is fitted, or the board's own, where a move names a place that only that one has. */
    private function modelOf(Point $point): DeviceModel
    {
        $own = $this->board->devices[$point->device]->model;
        $fitted = $this->fitted[$point->device] ?? $own;

        return $point->terminal === null || in_array($point->terminal->name, array_column($fitted->terminals, 'name'), true)
            ? $fitted
            : $own;
    }

    private function terminal(Point $point): string
    {
        $model = $this->modelOf($point);
        if ($point->isEarthing() && $model->kind === DeviceKind::Switch) {
            $isMetal = $this->board->enclosures[$point->enclosure]->isMetal;

            return $this->say('parts.switch-earth.'.($isMetal ? 'metal' : 'plastic'));
        }

        $face = $this->faceOf($point, $model);
        $does = $face === '' ? '' : $this->say("parts.duty.$model->id.".$point->terminal?->name);

        return match (true) {
            $face === '' => $this->say("parts.terminal.$model->id.".$point->terminal?->name, ['print' => $this->printOn($point, $model)]),
            $does === '' => $face,
            default => $this->say('parts.face.does', ['face' => $face, 'does' => $does]),
        };
    }

    /** What a terminal without a print is known by, as at the bench: `brass screw 1`. Of one with a print nothing: that is its name. */
    private function faceOf(Point $point, DeviceModel $model): string
    {
        $duty = "parts.duty.$model->id.".$point->terminal?->name;
        $isSwitchEarth = $point->isEarthing() && $model->kind === DeviceKind::Switch;
        if ($isSwitchEarth || ! Lang::has($duty, Region::of($this->board->practice))) {
            return '';
        }
        foreach ($this->shown($point, $model)->face()->landings as $landing) {
            if ($landing->terminal === $point->terminal?->name && $landing->print === '') {
                return $this->say("parts.face.{$landing->shape->value}", [
                    'finish' => $this->say("bench.finish.$landing->finish"),
                    'place' => $landing->place,
                ]);
            }
        }

        return '';
    }

    /** The device as it is on the wall: another part that was fitted is mounted as usual. */
    private function shown(Point $point, DeviceModel $model): Device
    {
        $device = $this->board->devices[(string) $point->device];

        return isset($this->fitted[$device->id]) ? $device->fitted($model)->mounted(new Mounting) : $device;
    }

    /** What the face of a part prints at a terminal; of two that print the same, which of them. */
    private function printOn(Point $point, DeviceModel $model): string
    {
        $prints = [];
        foreach ($this->shown($point, $model)->face()->landings as $landing) {
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
