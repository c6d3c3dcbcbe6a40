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
        public Mounting $mounting = new Mounting,
    ) {
    }

    /**
     * What eyes see of it.
     *
     * @param  DeviceModel|null  $fitted  the part in its place, where it is another one
     */
    public function face(?DeviceModel $fitted = null): Face
    {
        return FaceCatalogue::of($fitted ?? $this->model, $this->mounting->face)->mounted(
            $this->mounting->turned,
            $this->mounting->isFromRear,
        );
    }

    public function mounted(Mounting $mounting): self
    {
        return new self($this->id, $this->enclosure, $this->model, $this->breakerA, $this->rcdMa, $mounting);
    }

    public function fitted(DeviceModel $model): self
    {
        return new self($this->id, $this->enclosure, $model, $this->breakerA, $this->rcdMa, $this->mounting);
    }

    public function is(DeviceKind $kind): bool
    {
        return $this->model->kind === $kind;
    }
}
