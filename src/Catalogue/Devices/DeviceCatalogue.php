<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

use Zwindle\Catalogue\Practices\Practice;

/**
 * Every device model, with its terminals and contact table, read from `devices.json`; which of them a practice uses stands in
 * the file of the practice.
 *
 * Source: the contact tables are common practice of the trade and the makers' printed diagrams: a three-way joins its
 * common to one or the other terminal and is never off; a four-way joins two pairs straight or crossed; a two-pole only
 * opens both; a British plate switch on COM and L1 is on with the bottom of the rocker pressed, that is down. How many
 * conductors a terminal takes: one to a screw in North America, NEC 110.14(A) (memory); of British blocks common practice.
 *
 * @phpstan-type TerminalJson array{name: string, duty: string, takes: int|null, isLead?: bool, isForNeutral?: bool, isFlex?: bool}
 * @phpstan-type DeviceJson array{kind: string, function?: string, lamp?: string, terminals: list<TerminalJson>,
 *     up?: list<array{string, string}>, down?: list<array{string, string}>, hasPullChain?: bool}
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

        return $all ??= self::read();
    }

    /** @return array<string, DeviceModel> by id, in the order of the practice */
    public static function of(Practice $practice): array
    {
        return array_combine($practice->models, array_map(
            fn (string $id) => self::find($id) ?? throw new \LogicException("No device model $id"),
            $practice->models,
        ));
    }

    /** @return list<DeviceModel> */
    public static function switchesOf(Practice $practice, SwitchFunction $function): array
    {
        return array_values(array_filter(self::of($practice), fn (DeviceModel $model) => $model->function === $function));
    }

    /** The supply that a board of a practice begins with. */
    public static function supplyOf(Practice $practice): DeviceModel
    {
        foreach (self::of($practice) as $model) {
            if ($model->kind === DeviceKind::Supply) {
                return $model;
            }
        }
        throw new \LogicException("No supply in $practice->id");
    }

    /** @return array<string, DeviceModel> */
    private static function read(): array
    {
        /** @var array<string, DeviceJson> $json */
        $json = json_decode((string) file_get_contents(__DIR__.'/devices.json'), true, 16, JSON_THROW_ON_ERROR);
        $models = [];
        foreach ($json as $id => $device) {
            $models[$id] = new DeviceModel(
                $id,
                DeviceKind::from($device['kind']),
                array_column(array_map(self::terminal(...), $device['terminals']), null, 'name'),
                isset($device['function']) ? SwitchFunction::from($device['function']) : null,
                isset($device['lamp']) ? LampFitting::from($device['lamp']) : null,
                $device['up'] ?? [],
                $device['down'] ?? [],
                $device['hasPullChain'] ?? false,
            );
        }

        return $models;
    }

    /** @param  TerminalJson  $json */
    private static function terminal(array $json): Terminal
    {
        return new Terminal(
            $json['name'],
            TerminalDuty::from($json['duty']),
            $json['takes'],
            $json['isLead'] ?? false,
            $json['isForNeutral'] ?? false,
            $json['isFlex'] ?? false,
        );
    }
}
