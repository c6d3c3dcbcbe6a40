<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

use Zwindle\Catalogue\Practices\Practice;

/**
 * Every device model, with its terminals and contact table.
 *
 * Source: the contact tables are common practice of the trade and the makers' printed diagrams: a three-way joins its
 * common to one or the other terminal and is never off; a four-way joins two pairs straight or crossed; a two-pole only
 * opens both; a British plate switch on COM and L1 is on with the bottom of the rocker pressed, that is down.
 */
final class DeviceCatalogue
{
    public static function find(string $id): ?DeviceModel
    {
        return self::all()[$id] ?? null;
    }

    /** @return array<string, DeviceModel> */
    public static function all(): array
    {
        /** @var array<string, DeviceModel>|null $all */
        static $all = null;

        return $all ??= array_column([...self::northAmerican(), ...self::british()], null, 'id');
    }

    /** @return list<DeviceModel> */
    private static function northAmerican(): array
    {
        $na = Practice::NorthAmerica;

        return [
            self::supply('na-supply', $na),
            self::onePole('na-switch-1p', $na, ['a', 'b'], closedWhen: 'up'),
            self::threeWay('na-switch-3way', $na, 'common', up: 't1', down: 't2'),
            self::fourWay('na-switch-4way', $na),
            self::twoPole('na-switch-2p', $na, closedWhen: 'up'),
            self::lamp('na-lampholder', $na, [
                new Terminal('hot', TerminalDuty::LampSide),
                new Terminal('neutral', TerminalDuty::LampShell),
            ]),
            self::lamp('na-luminaire', $na, [
                new Terminal('hot', TerminalDuty::LampSide, isLead: true),
                new Terminal('neutral', TerminalDuty::LampSide, isLead: true, isForNeutral: true),
                new Terminal('earth', TerminalDuty::Earth, isLead: true),
            ]),
            self::device('na-receptacle', $na, DeviceKind::Receptacle, [
                new Terminal('hot', TerminalDuty::Hot),
                new Terminal('neutral', TerminalDuty::Neutral),
                new Terminal('earth', TerminalDuty::Earth),
            ]),
        ];
    }

    /** @return list<DeviceModel> */
    private static function british(): array
    {
        $gb = Practice::Britain;

        return [
            self::supply('gb-supply', $gb),
            self::onePole('gb-switch-1way', $gb, ['com', 'l1'], closedWhen: 'down'),
            self::threeWay('gb-switch-2way', $gb, 'com', up: 'l2', down: 'l1', order: ['com', 'l1', 'l2']),
            self::fourWay('gb-switch-intermediate', $gb),
            self::twoPole('gb-switch-2p', $gb, closedWhen: 'down'),
            self::device('gb-rose', $gb, DeviceKind::Rose, [
                new Terminal('loop', TerminalDuty::Hot),
                new Terminal('switched', TerminalDuty::SwitchedBlock),
                new Terminal('neutral', TerminalDuty::Neutral),
                new Terminal('earth', TerminalDuty::Earth),
            ]),
            self::lamp('gb-pendant', $gb, [
                new Terminal('live', TerminalDuty::LampSide, isLead: true, isFlex: true),
                new Terminal('neutral', TerminalDuty::LampSide, isLead: true, isForNeutral: true, isFlex: true),
            ]),
            self::lamp('gb-batten-bc', $gb, [
                new Terminal('a', TerminalDuty::LampSide),
                new Terminal('b', TerminalDuty::LampSide),
                new Terminal('earth', TerminalDuty::Earth),
            ]),
            self::lamp('gb-batten-es', $gb, [
                new Terminal('centre', TerminalDuty::LampSide),
                new Terminal('shell', TerminalDuty::LampShell),
                new Terminal('earth', TerminalDuty::Earth),
            ]),
            self::lamp('gb-luminaire', $gb, [
                new Terminal('live', TerminalDuty::LampSide, isLead: true),
                new Terminal('neutral', TerminalDuty::LampSide, isLead: true, isForNeutral: true),
                new Terminal('earth', TerminalDuty::Earth, isLead: true),
            ]),
        ];
    }

    private static function supply(string $id, Practice $practice): DeviceModel
    {
        return self::device($id, $practice, DeviceKind::Supply, [
            new Terminal('line', TerminalDuty::SupplyLine),
            new Terminal('neutral', TerminalDuty::SupplyNeutral),
            new Terminal('earth', TerminalDuty::Earth),
        ]);
    }

    /** @param  array{string, string}  $contacts */
    private static function onePole(string $id, Practice $practice, array $contacts, string $closedWhen): DeviceModel
    {
        $terminals = [
            new Terminal($contacts[0], TerminalDuty::Pole),
            new Terminal($contacts[1], TerminalDuty::Pole),
            new Terminal('earth', TerminalDuty::Earth),
        ];

        return self::switch($id, $practice, SwitchFunction::OnePole, $terminals, [
            'up' => $closedWhen === 'up' ? [$contacts] : [],
            'down' => $closedWhen === 'down' ? [$contacts] : [],
        ]);
    }

    /** @param  list<string>|null  $order  of the terminals, where it is not common, up, down */
    private static function threeWay(
        string $id,
        Practice $practice,
        string $common,
        string $up,
        string $down,
        ?array $order = null,
    ): DeviceModel {
        $terminals = [];
        foreach ($order ?? [$common, $up, $down] as $name) {
            $terminals[] = new Terminal($name, $name === $common ? TerminalDuty::Common : TerminalDuty::Throw);
        }
        $terminals[] = new Terminal('earth', TerminalDuty::Earth);

        return self::switch($id, $practice, SwitchFunction::ThreeWay, $terminals, [
            'up' => [[$common, $up]],
            'down' => [[$common, $down]],
        ]);
    }

    private static function fourWay(string $id, Practice $practice): DeviceModel
    {
        return self::switch($id, $practice, SwitchFunction::FourWay, self::twoPairs(), [
            'up' => [['a1', 'b1'], ['a2', 'b2']],
            'down' => [['a1', 'b2'], ['a2', 'b1']],
        ]);
    }

    private static function twoPole(string $id, Practice $practice, string $closedWhen): DeviceModel
    {
        $closed = [['a1', 'b1'], ['a2', 'b2']];

        return self::switch($id, $practice, SwitchFunction::TwoPole, self::twoPairs(), [
            'up' => $closedWhen === 'up' ? $closed : [],
            'down' => $closedWhen === 'down' ? $closed : [],
        ]);
    }

    /** @return list<Terminal> */
    private static function twoPairs(): array
    {
        return [
            new Terminal('a1', TerminalDuty::Pole),
            new Terminal('a2', TerminalDuty::Pole),
            new Terminal('b1', TerminalDuty::Pole),
            new Terminal('b2', TerminalDuty::Pole),
            new Terminal('earth', TerminalDuty::Earth),
        ];
    }

    /**
     * @param  list<Terminal>  $terminals
     * @param  array{up: list<array{string, string}>, down: list<array{string, string}>}  $closed
     */
    private static function switch(string $id, Practice $practice, SwitchFunction $function, array $terminals, array $closed): DeviceModel
    {
        return new DeviceModel(
            $id,
            $practice,
            DeviceKind::Switch,
            array_column($terminals, null, 'name'),
            $function,
            $closed['up'],
            $closed['down'],
        );
    }

    /** @param  list<Terminal>  $terminals */
    private static function lamp(string $id, Practice $practice, array $terminals): DeviceModel
    {
        return self::device($id, $practice, DeviceKind::Lamp, $terminals);
    }

    /** @param  list<Terminal>  $terminals */
    private static function device(string $id, Practice $practice, DeviceKind $kind, array $terminals): DeviceModel
    {
        return new DeviceModel($id, $practice, $kind, array_column($terminals, null, 'name'));
    }
}
