<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\Face;
use Zwindle\Catalogue\Devices\FaceCatalogue;

/** A part in an enclosure, as the board names it. */
final readonly class Device
{
    public function __construct(
        public string $id,
        public string $enclosure,
        public DeviceModel $model,
        public ?float $breakerA = null,
        public ?float $rcdMa = null,
        public Hung $hung = new Hung,
    ) {
    }

    /**
     * What eyes see of it.
     *
     * @param  DeviceModel|null  $fitted  the part in its place, where it is another one
     */
    public function face(?DeviceModel $fitted = null): Face
    {
        return FaceCatalogue::of($fitted ?? $this->model, $this->hung->face)->hung($this->hung->turned, $this->hung->isFromRear);
    }

    public function hung(Hung $hung): self
    {
        return new self($this->id, $this->enclosure, $this->model, $this->breakerA, $this->rcdMa, $hung);
    }

    public function fitted(DeviceModel $model): self
    {
        return new self($this->id, $this->enclosure, $model, $this->breakerA, $this->rcdMa, $this->hung);
    }

    public function is(DeviceKind $kind): bool
    {
        return $this->model->kind === $kind;
    }
}
