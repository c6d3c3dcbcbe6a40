<?php

declare(strict_types=1);

namespace App\Queries\Diagnosis;

use App\Exceptions\InputRefused;
use App\Exceptions\WorkRefused;
use App\Models\ConfirmedMistake;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;
use Zwindle\Format\Read\SeenReader;
use Zwindle\Problem\Problems;

/** What was seen on a standing board → what fits, by its plan and by what was confirmed before. */
final class DiagnoseSeen
{
    /** Places that teach: a file of what was seen holds no more than 64 weights. */
    private const MOST_PLACES = 40;

    /**
     * @param  Builder<ConfirmedMistake>  $mistakes  that teach
     * @param  array<string, mixed>  $seen
     * @return array{diagnosis: Diagnosis, right: Wiring, seen: Seen}
     */
    public static function of(?Wiring $right, Builder $mistakes, int $file, array $seen): array
    {
        if ($right === null) {
            throw WorkRefused::because(['board' => __('messages.no-plan-to-set')]);
        }
        if (count($right->board->devicesOf(DeviceKind::Switch)) > Diagnosis::MOST_SWITCHES) {
            throw WorkRefused::because(['board' => __('problems.too-many-to-compare', [
                'count' => count($right->board->devicesOf(DeviceKind::Switch)), 'most' => Diagnosis::MOST_SWITCHES,
            ])]);
        }
        $problems = new Problems;
        $weights = [...self::timesOf($mistakes), ...self::placesOn($file, $mistakes)];
        $given = ['format' => 'zwindle-seen', 'version' => 1, 'tellsTape' => true, 'weights' => $weights, ...$seen];
        $read = SeenReader::read($given, $right->board, $problems) ?? throw InputRefused::file('seen', $problems->all());

        return ['diagnosis' => Diagnosis::of([$right], $read), 'right' => $right, 'seen' => $read];
    }

    /**
     * @param  Builder<ConfirmedMistake>  $mistakes
     * @return array<string, int> kind → how often, on any board
     */
    private static function timesOf(Builder $mistakes): array
    {
        $times = [];
        foreach ($mistakes->clone()->toBase()->groupBy('kind')->get(['kind', DB::raw('count(*) as times')]) as $row) {
            $times[(string) $row->kind] = (int) $row->times;
        }

        return $times;
    }

    /**
     * @param  Builder<ConfirmedMistake>  $mistakes
     * @return array<string, int> kind and place → how often, on one board; those that were confirmed most
     */
    private static function placesOn(int $file, Builder $mistakes): array
    {
        $found = $mistakes->clone()->where('board_file_id', $file)->toBase()->groupBy('kind', 'at')
            ->orderByDesc('times')->limit(self::MOST_PLACES)->get(['kind', 'at', DB::raw('count(*) as times')]);

        return $found->mapWithKeys(fn ($row) => ["$row->kind $row->at" => (int) $row->times])->all();
    }
}
