<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Exam\Vary\Dice;

/** The parts to choose from: those that the board needs, and for each kind of them a look-alike and one to spare. */
final readonly class Bin
{
    /** @param  array<string, DeviceModel>  $slots  by number: `bin-1` */
    private function __construct(public array $slots)
    {
    }

    public static function for(Board $board, Dice $dice): self
    {
        $needed = array_map(fn (Device $device) => $device->model, $board->devicesOf(DeviceKind::Switch));
        $others = [];
        foreach ($needed as $model) {
            foreach ([$model->function, self::lookAlike($model->function)] as $function) {
                $same = $function === null ? [] : DeviceCatalogue::switchesOf($board->practice, $function);
                $others[$function->value ?? ''] ??= $same[0] ?? null;
            }
        }
        $all = $dice->shuffled([...$needed, ...array_values(array_filter($others))]);
        $names = array_map(fn (int $i) => 'bin-'.($i + 1), array_keys($all));

        return new self(array_combine($names, $all));
    }

    /** @return list<string> slots with a part that can do what a place asks */
    public function fittingFor(?SwitchFunction $function): array
    {
        return array_keys(array_filter(
            $this->slots,
            fn (DeviceModel $model) => $function !== null && ($model->function?->canServeAs($function) ?? false),
        ));
    }

    private static function lookAlike(?SwitchFunction $function): SwitchFunction
    {
        return match ($function) {
            SwitchFunction::FourWay => SwitchFunction::TwoPole,
            SwitchFunction::ThreeWay => SwitchFunction::OnePole,
            default => SwitchFunction::TwoPole,
        };
    }
}
