<?php

declare(strict_types=1);

namespace Zwindle\Read;

use stdClass;
use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\CableType;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Colour;
use Zwindle\Catalogue\DeviceCatalogue;
use Zwindle\Catalogue\Practice;

/** Text of a board file → Board, or every problem with its pointer. */
final class BoardReader
{
    /** @return Board|null null if anything was added to the problems */
    public static function read(string $text, Problems $problems): ?Board
    {
        $json = JsonText::read($text, 'board', $problems);
        if ($json === null) {
            return null;
        }
        $practice = Practice::from($json->practice);
        $edition = CodeEdition::from($json->code);
        if ($edition->practice() !== $practice) {
            $problems->add('/code', ProblemCode::OtherPractice, ['what' => $json->code]);
        }
        self::refuseTwiceUsedIds($json, $problems);
        $enclosures = self::enclosures($json);
        $devices = self::devices($json, $practice, $enclosures, $problems);
        $cables = self::cables($json, $practice, $enclosures, $problems);
        $board = new Board(
            $json->title,
            $practice,
            $edition,
            $enclosures,
            $devices,
            $cables,
            array_map(fn (stdClass $control) => new Control($control->lamps, $control->switches), $json->controls ?? []),
            array_values(array_unique($json->alwaysOn ?? [])),
            self::requirements($json->requirements ?? new stdClass),
        );
        if (! $problems->any()) {
            BoardSense::check($board, $problems);
        }

        return $problems->any() ? null : $board;
    }

    private static function refuseTwiceUsedIds(stdClass $json, Problems $problems): void
    {
        $seen = [];
        foreach (['enclosures', 'devices', 'cables'] as $list) {
            foreach ($json->{$list} as $i => $entry) {
                if (isset($seen[$entry->id])) {
                    $problems->add("/$list/$i/id", ProblemCode::TwiceUsedId, ['id' => $entry->id]);
                }
                $seen[$entry->id] = true;
            }
        }
    }

    /** @return array<string, Enclosure> */
    private static function enclosures(stdClass $json): array
    {
        $enclosures = [];
        foreach ($json->enclosures as $entry) {
            $enclosures[$entry->id] = new Enclosure(
                $entry->id,
                EnclosureKind::from($entry->kind),
                trim($entry->label ?? '') ?: $entry->id,
                ($entry->material ?? null) === 'metal',
                isset($entry->at) ? [(float) $entry->at[0], (float) $entry->at[1]] : null,
            );
        }

        return $enclosures;
    }

    /**
     * @param  array<string, Enclosure>  $enclosures
     * @return array<string, Device>
     */
    private static function devices(stdClass $json, Practice $practice, array $enclosures, Problems $problems): array
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
            if ($model->practice !== $practice) {
                $problems->add("/devices/$i/model", ProblemCode::OtherPractice, ['what' => $entry->model]);
            }
            $devices[$entry->id] = new Device($entry->id, $entry->in, $model, self::figure($entry, 'breakerA'), self::figure($entry, 'rcdMa'));
        }

        return $devices;
    }

    /**
     * @param  array<string, Enclosure>  $enclosures
     * @return array<string, Cable>
     */
    private static function cables(stdClass $json, Practice $practice, array $enclosures, Problems $problems): array
    {
        $cables = [];
        foreach ($json->cables as $i => $entry) {
            foreach (['from', 'to'] as $side) {
                if (! isset($enclosures[$entry->{$side}])) {
                    $problems->add("/cables/$i/$side", ProblemCode::UnknownEnclosure, ['id' => $entry->{$side}]);
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
            if ($type->practice !== null && $type->practice !== $practice) {
                $problems->add("/cables/$i/type", ProblemCode::OtherPractice, ['what' => $entry->type]);
            }
            $colour = isset($entry->colour) ? Colour::from($entry->colour) : null;
            if ($type->isSingle && $colour === null) {
                $problems->add("/cables/$i", ProblemCode::ColourMissing, ['id' => $entry->id]);
            }
            if (! $type->isSingle && $colour !== null) {
                $problems->add("/cables/$i/colour", ProblemCode::ColourOfCable, ['id' => $entry->id]);
            }
            $cables[$entry->id] = new Cable($entry->id, $type, $entry->from, $entry->to, $colour, self::figure($entry, 'lengthM'));
        }

        return $cables;
    }

    private static function requirements(stdClass $json): Requirements
    {
        return new Requirements(
            $json->scheme ?? Requirements::ANY_SCHEME,
            $json->neutralAtSwitches ?? 'by-code',
            ($json->earths ?? 'required') === 'required',
        );
    }

    private static function figure(stdClass $entry, string $name): ?float
    {
        return isset($entry->{$name}) ? (float) $entry->{$name} : null;
    }
}
