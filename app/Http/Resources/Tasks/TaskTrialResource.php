<?php

declare(strict_types=1);

namespace App\Http\Resources\Tasks;

use App\Shapes\Boards\SketchShape;
use App\Wording\ProblemSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Problem\Problem;

/**
 * A task tried before it is used.
 *
 * @property array{board: Board, problems: list<Problem>, dropped: list<string>, variants: Variants|null, seats: list<Variant>,
 *     few: TooFewVariants|null, refusals: list<string>} $resource
 */
final class TaskTrialResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['board' => $board, 'problems' => $problems, 'variants' => $variants, 'seats' => $seats, 'few' => $few] = $this->resource;
        $spread = $variants?->spread;

        return [
            'problems' => ProblemSentence::all($problems),
            'dropped' => array_map(fn (string $code) => __('task.dropped', ['rule' => $code]), $this->resource['dropped']),
            'refusals' => $this->resource['refusals'],
            'spread' => $spread === null ? null : [
                'layouts' => count($spread->layouts),
                'allLayouts' => $spread->allLayouts,
                'looks' => $spread->looks,
                'all' => $spread->all(),
                'joints' => $spread->joints(), 'conductors' => $spread->conductors(),
                'refusal' => $few === null ? '' : __('messages.too-few-variants', ['there' => $few->there, 'wanted' => $few->wanted]),
            ],
            'sketch' => self::sketch($board),
            'seats' => array_map(fn (Variant $variant) => $this->seat($board, $variant), $seats),
        ];
    }

    /** @return array<string, mixed> */
    private function seat(Board $board, Variant $variant): array
    {
        $label = fn (string $box) => $board->enclosures[$box]->label ?? '';
        $lamps = array_filter($variant->layout->lampsAt);
        $supply = $variant->board->cablesIn($variant->board->supply()->enclosure)[0] ?? null;

        return [
            'seat' => $variant->seat,
            'feed' => $supply === null ? '' : $label($supply->farFrom($variant->board->supply()->enclosure)),
            'light' => implode(
                ', ',
                array_map(
                    fn (string $box, string $at) => count($lamps) === 1 ? $label($at) : "{$label($box)}: {$label($at)}",
                    array_keys($lamps),
                    $lamps,
                ),
            ),
            'order' => implode(
                '; ',
                array_map(
                    fn ($switch) => "{$label($switch->enclosure)}: {$switch->face()->name}",
                    $variant->board->devicesOf(DeviceKind::Switch),
                ),
            ),
            'joints' => $variant->layout->joints,
            'sketch' => self::sketch($variant->board),
        ];
    }

    /** @return array<string, mixed> a board drawn small */
    private static function sketch(Board $board): array
    {
        return SketchShape::of((string) json_encode(BoardArray::of($board)));
    }
}
