<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Board\Mounting;
use Zwindle\Board\Requirements;
use Zwindle\Board\Wall;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\FaceCatalogue;
use Zwindle\Catalogue\Devices\StandardBox;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/**
 * Text of a board file → Board, or every problem with its pointer.
 *
 * The shapes are what the schema has made sure of.
 *
 * @phpstan-type EnclosureJson object{id: string, kind: string, label?: string, material?: string, at?: array{int|float, int|float},
 *     box?: string, volumeIn3?: int|float, addedIn3?: int|float, clamps?: string}
 * @phpstan-type DeviceJson object{id: string, in: string, model: string, breakerA?: int|float, rcdMa?: int|float, face?: string,
 *     turned?: int|float, seenFrom?: string}
 * @phpstan-type CableJson object{id: string, type: string, from: string, to: string, lengthM?: int|float, colour?: string}
 * @phpstan-type ControlJson object{lamps: list<string>, switches: list<string>}
 * @phpstan-type RequirementsJson object{scheme?: string, neutralAtSwitches?: string, earths?: string}
 * @phpstan-type WallJson object{widthMm: int|float, heightMm: int|float, studsMm?: int|float, firstStudMm?: int|float}
 * @phpstan-type BoardJson object{title: string, practice: string, code: string, enclosures: list<EnclosureJson>, devices: list<DeviceJson>,
 *     cables: list<CableJson>, controls?: list<ControlJson>, alwaysOn?: list<string>, requirements?: RequirementsJson, wall?: WallJson}
 */
final class BoardReader
{
    /**
     * @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to
     * @return Board|null null if anything was added to the problems
     */
    public static function read(string|array|object $given, Problems $problems): ?Board
    {
        /** @var BoardJson|null $json */
        $json = JsonText::read($given, 'board', $problems);
        if ($json === null) {
            return null;
        }
        $practice = Practice::from($json->practice);
        $edition = self::edition($json->code, $practice, $problems);
        self::refuseTwiceUsedIds($json, $problems);
        $enclosures = self::enclosures($json, $problems);
        $parts = new BoardParts(
            $enclosures,
            self::devices($json, $practice, $enclosures, $problems),
            self::cables($json, $practice, $enclosures, $problems),
            array_map(fn (object $control) => new Control($control->lamps, $control->switches), $json->controls ?? []),
            array_values(array_unique($json->alwaysOn ?? [])),
        );
        if (! $problems->any()) {
            BoardSense::check($parts, $problems);
        }

        return $problems->any() ? null : Board::of(
            $json->title,
            $practice,
            $edition,
            $parts->enclosures,
            $parts->devices,
            $parts->cables,
            $parts->controls,
            $parts->alwaysOn,
            self::requirements($json->requirements ?? null),
            self::wall($json->wall ?? null),
        );
    }

    /** The newest edition of the practice stands in for one that is refused, so that the rest of the file is read. */
    private static function edition(string $id, Practice $practice, Problems $problems): CodeEdition
    {
        $edition = Editions::find($id);
        if ($edition === null) {
            $problems->add('/code', ProblemCode::UnknownEdition, ['id' => $id, 'detail' => implode(', ', array_keys(Editions::all()))]);
        } elseif (! $edition->practice->is($practice)) {
            $problems->add('/code', ProblemCode::OtherPractice, ['what' => $id]);
        }

        return $edition ?? Editions::newest($practice);
    }

    /** @param  BoardJson  $json */
    private static function refuseTwiceUsedIds(object $json, Problems $problems): void
    {
        $seen = [];
        foreach (['enclosures' => $json->enclosures, 'devices' => $json->devices, 'cables' => $json->cables] as $list => $entries) {
            foreach ($entries as $i => $entry) {
                if (isset($seen[$entry->id])) {
                    $problems->add("/$list/$i/id", ProblemCode::TwiceUsedId, ['id' => $entry->id]);
                }
                $seen[$entry->id] = true;
            }
        }
    }

    /**
     * @param  BoardJson  $json
     * @return array<string, Enclosure>
     */
    private static function enclosures(object $json, Problems $problems): array
    {
        $enclosures = [];
        foreach ($json->enclosures as $i => $entry) {
            if ($entry->kind === 'onward' && isset($entry->material) + isset($entry->box) + isset($entry->volumeIn3) > 0) {
                $problems->add("/enclosures/$i", ProblemCode::OnwardIsNoBox, ['id' => $entry->id]);
            }
            $enclosures[$entry->id] = new Enclosure(
                $entry->id,
                EnclosureKind::from($entry->kind),
                trim($entry->label ?? '') ?: $entry->id,
                ($entry->material ?? null) === 'metal',
                isset($entry->at) ? [(float) $entry->at[0], (float) $entry->at[1]] : null,
                StandardBox::find($entry->box ?? ''),
                self::figure($entry->volumeIn3 ?? null),
                (float) ($entry->addedIn3 ?? 0),
                ($entry->clamps ?? 'none') === 'internal',
            );
        }

        return $enclosures;
    }

    /**
     * @param  BoardJson  $json
     * @param  array<string, Enclosure>  $enclosures
     * @return array<string, Device>
     */
    private static function devices(object $json, Practice $practice, array $enclosures, Problems $problems): array
    {
        $devices = [];
        foreach ($json->devices as $i => $entry) {
            if (! isset($enclosures[$entry->in])) {
                $problems->add("/devices/$i/in", ProblemCode::UnknownEnclosure, ['id' => $entry->in]);
            }
            $model = DeviceCatalogue::find($entry->model);
            if ($model === null) {
                $problems->add("/devices/$i/model", ProblemCode::UnknownModel, ['model' => $entry->model]);

                continue;
            }
            if (! $practice->hasModel($model->id)) {
                $problems->add("/devices/$i/model", ProblemCode::OtherPractice, ['what' => $entry->model]);
            }
            if (isset($entry->face) && ! isset(FaceCatalogue::all($model)[$entry->face])) {
                $problems->add("/devices/$i/face", ProblemCode::UnknownFace, [
                    'id' => $entry->id,
                    'text' => $entry->face,
                    'detail' => implode(', ', array_keys(FaceCatalogue::all($model))),
                ]);
            }
            $mounting = new Mounting($entry->face ?? null, (int) ($entry->turned ?? 0), ($entry->seenFrom ?? 'front') === 'rear');
            $devices[$entry->id] = new Device(
                $entry->id,
                $entry->in,
                $model,
                self::figure($entry->breakerA ?? null),
                self::figure($entry->rcdMa ?? null),
                $mounting,
            );
        }

        return $devices;
    }

    /**
     * @param  BoardJson  $json
     * @param  array<string, Enclosure>  $enclosures
     * @return array<string, Cable>
     */
    private static function cables(object $json, Practice $practice, array $enclosures, Problems $problems): array
    {
        $cables = [];
        foreach ($json->cables as $i => $entry) {
            foreach (['from' => $entry->from, 'to' => $entry->to] as $side => $end) {
                if (! isset($enclosures[$end])) {
                    $problems->add("/cables/$i/$side", ProblemCode::UnknownEnclosure, ['id' => $end]);
                }
            }
            if ($entry->from === $entry->to) {
                $problems->add("/cables/$i/to", ProblemCode::CableToItself, ['id' => $entry->id]);
            }
            $type = CableType::find($entry->type);
            if ($type === null) {
                $problems->add("/cables/$i/type", ProblemCode::UnknownCableType, ['type' => $entry->type]);

                continue;
            }
            if ($type->practice !== null && ! $type->practice->is($practice)) {
                $problems->add("/cables/$i/type", ProblemCode::OtherPractice, ['what' => $entry->type]);
            }
            $colour = isset($entry->colour) ? Colour::from($entry->colour) : null;
            if ($type->isSingle && $colour === null) {
                $problems->add("/cables/$i", ProblemCode::ColourMissing, ['id' => $entry->id]);
            }
            if (! $type->isSingle && $colour !== null) {
                $problems->add("/cables/$i/colour", ProblemCode::ColourOfCable, ['id' => $entry->id]);
            }
            $cables[$entry->id] = new Cable($entry->id, $type, $entry->from, $entry->to, $colour, self::figure($entry->lengthM ?? null));
        }

        return $cables;
    }

    /** @param  RequirementsJson|null  $json */
    private static function requirements(?object $json): Requirements
    {
        return new Requirements(
            $json->scheme ?? Requirements::ANY_SCHEME,
            $json->neutralAtSwitches ?? 'by-code',
            ($json->earths ?? 'required') === 'required',
        );
    }

    /** @param  WallJson|null  $json */
    private static function wall(?object $json): ?Wall
    {
        return $json === null
            ? null
            : new Wall(
                (float) $json->widthMm,
                (float) $json->heightMm,
                self::figure($json->studsMm ?? null),
                (float) ($json->firstStudMm ?? 0),
            );
    }

    private static function figure(int|float|null $figure): ?float
    {
        return $figure === null ? null : (float) $figure;
    }
}
