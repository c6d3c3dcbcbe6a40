<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/**
 * Text of a wiring file → Wiring of one board, or every problem with its pointer.
 *
 * The shapes are what the schema has made sure of.
 *
 * @phpstan-type JointJson object{in: string, points: list<string>, by: string, ports?: int}
 * @phpstan-type WiringJson object{joints: list<JointJson>, caps?: list<string>, marks?: list<object{point: string, as: string}>,
 *     labels?: list<object{point: string, text: string}>, fitted?: object|array<string, string>}
 */
final class WiringReader
{
    /**
     * @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to
     * @return Wiring|null null if anything was added to the problems
     */
    public static function read(string|array|object $given, Board $board, Problems $problems): ?Wiring
    {
        /** @var WiringJson|null $json */
        $json = JsonText::read($given, 'wiring', $problems);
        if ($json === null) {
            return null;
        }
        $fitted = self::fitted($json, $board, $problems);
        $sense = new WiringSense($board, $board->points($fitted), $problems);
        $joints = self::joints($json, $sense);
        $caps = [];
        foreach ($json->caps ?? [] as $i => $point) {
            if ($sense->cap($point, "/caps/$i")) {
                $caps[] = $point;
            }
        }
        $marks = [];
        foreach ($json->marks ?? [] as $i => $mark) {
            if (isset($marks[$mark->point])) {
                $problems->add("/marks/$i/point", ProblemCode::TwiceUsedPoint, ['point' => $mark->point]);
            }
            $sense->isOneOf($mark->point, "/marks/$i/point", PointKind::ConductorEnd);
            $marks[$mark->point] = MarkedAs::from($mark->as);
        }
        $labels = [];
        foreach ($json->labels ?? [] as $i => $label) {
            $sense->exists($label->point, "/labels/$i/point");
            $labels[$label->point] = $label->text;
        }

        return $problems->any() ? null : Wiring::of($board, $joints, $caps, $marks, $fitted, $labels);
    }

    /**
     * @param  WiringJson  $json
     * @return list<Joint>
     */
    private static function joints(object $json, WiringSense $sense): array
    {
        $joints = [];
        foreach ($json->joints as $i => $entry) {
            $joint = new Joint($entry->in, $entry->points, JoinedBy::from($entry->by), $entry->ports ?? null);
            $sense->joint($joint, "/joints/$i");
            $joints[] = $joint;
        }

        return $joints;
    }

    /**
     * @param  WiringJson  $json
     * @return array<string, DeviceModel>
     */
    private static function fitted(object $json, Board $board, Problems $problems): array
    {
        $fitted = [];
        /** @var array<array-key, string> $asked */
        $asked = (array) ($json->fitted ?? []);
        foreach ($asked as $id => $modelId) {
            $id = (string) $id;
            $pointer = '/fitted/'.str_replace(['~', '/'], ['~0', '~1'], $id);
            $device = $board->devices[$id] ?? null;
            $model = DeviceCatalogue::find($modelId);
            if ($device === null) {
                $problems->add($pointer, ProblemCode::UnknownDevice, ['id' => $id]);
            }
            if ($model === null) {
                $problems->add($pointer, ProblemCode::UnknownModel, ['model' => $modelId]);
            }
            if ($device === null || $model === null) {
                continue;
            }
            if (! $board->practice->hasModel($model->id)) {
                $problems->add($pointer, ProblemCode::OtherPractice, ['what' => $modelId]);
            } elseif ($model->kind !== $device->model->kind) {
                $problems->add($pointer, ProblemCode::OtherKindOfPart, ['id' => $id, 'model' => $modelId]);
            }
            $fitted[$id] = $model;
        }

        return $fitted;
    }
}
