<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/**
 * The faces of the device models, read from `faces.json`: the same part looks otherwise from maker to maker. Judging never
 * looks here: it uses the contacts inside.
 *
 * Source: finishes and prints are common practice (odd color for the common; silver, brass or dark travelers; pairs of a
 * four-way dark and brass, printed IN and OUT, in rows or in columns; COM, C or a number; a rose that prints LINE on its
 * switched block); the layouts are our own.
 *
 * @phpstan-type LandingJson array{terminal: string, x: int, y: int, shape: string, finish: string, print?: string, holes?: int}
 * @phpstan-type FaceJson array{name: string, look: string, width: int, height: int, print?: string, landings: list<LandingJson>}
 */
final class FaceCatalogue
{
    /** @return array<string, Face> by id, the usual one first */
    public static function all(DeviceModel $model): array
    {
        /** @var array<string, array<string, Face>>|null $all */
        static $all = null;
        $all ??= self::read();

        return $all[$model->id] ?? throw new \LogicException("No face for $model->id");
    }

    /** @param  string|null  $face  id; one that the model has not is the usual one, since another part may be fitted */
    public static function of(DeviceModel $model, ?string $face = null): Face
    {
        $all = self::all($model);

        return $all[$face ?? ''] ?? $all[array_key_first($all)] ?? throw new \LogicException("No face for $model->id");
    }

    /** @return array<string, array<string, Face>> */
    private static function read(): array
    {
        /** @var array<string, array<string, FaceJson>> $json */
        $json = json_decode((string) file_get_contents(__DIR__.'/faces.json'), true, 16, JSON_THROW_ON_ERROR);

        return array_map(fn (array $faces) => array_map(self::one(...), $faces), $json);
    }

    /** @param  FaceJson  $json */
    private static function one(array $json): Face
    {
        $landings = [];
        foreach ($json['landings'] as $i => $row) {
            $landings[] = new Landing(
                $i + 1,
                $row['terminal'],
                $row['x'],
                $row['y'],
                LandingShape::from($row['shape']),
                $row['finish'],
                $row['print'] ?? '',
                $row['holes'] ?? 1,
            );
        }

        return new Face($json['name'], $json['look'], $json['width'], $json['height'], $json['print'] ?? '', $landings);
    }
}
