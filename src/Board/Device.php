<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\DeviceModel;

/** A part in an enclosure, as the board names it. */
final readonly class Device
{
    public function __construct(
        public string $id,
        public string $enclosure,
        public DeviceModel $model,
        public ?float $breakerA = null,
        public ?float $rcdMa = null,
    ) {
    }

    public function is(DeviceKind $kind): bool
    {
        return $this->model->kind === $kind;
    }
}
