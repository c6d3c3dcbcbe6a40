<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Circuit\Net\Circuit;

/** A part that does not do what it should: a contact that never closes, a switch stuck in one position, a blown lamp. */
final readonly class PartFault
{
    /**
     * @param  array{string, string}|null  $dead  terminals of the contact that never closes
     * @param  bool|null  $stuckUp  the position that it stays in, whatever its paddle does
     */
    private function __construct(
        public string $device,
        public ?array $dead = null,
        public ?bool $stuckUp = null,
    ) {
    }

    public static function blown(string $lamp): self
    {
        return new self($lamp);
    }

    /** @param  array{string, string}  $contact */
    public static function dead(string $switch, array $contact): self
    {
        return new self($switch, dead: $contact);
    }

    public static function stuck(string $switch, bool $isUp): self
    {
        return new self($switch, stuckUp: $isUp);
    }

    /** @param  list<self>  $faults */
    public static function in(Circuit $circuit, array $faults): Circuit
    {
        $contacts = $circuit->contacts;
        $blown = [];
        foreach ($faults as $fault) {
            $switch = array_search($fault->device, $circuit->switches, true);
            if ($switch === false) {
                $blown[] = (int) array_search($fault->device, $circuit->lamps, true);
            } elseif ($fault->dead !== null) {
                $contacts[$switch] = $fault->withoutContact($circuit, $contacts[$switch]);
            } else {
                $contacts[$switch] = array_fill(0, 2, $contacts[$switch][$fault->stuckUp === true ? 0 : 1]);
            }
        }

        return $circuit->withFaults($contacts, $blown);
    }

    /**
     * @param  array{list<array{int, int}>, list<array{int, int}>}  $contacts
     * @return array{list<array{int, int}>, list<array{int, int}>}
     */
    private function withoutContact(Circuit $circuit, array $contacts): array
    {
        $model = $circuit->wiring->modelOf($circuit->wiring->board->devices[$this->device]);
        $kept = [];
        foreach ([$model->closedUp, $model->closedDown] as $position => $pairs) {
            $left = array_filter($contacts[$position], fn (int $i) => ($pairs[$i] ?? null) !== $this->dead, ARRAY_FILTER_USE_KEY);
            $kept[] = array_values($left);
        }

        return [$kept[0], $kept[1]];
    }
}
