<?php

declare(strict_types=1);

namespace App\Actions\Drills;

use App\Exceptions\WorkRefused;
use App\Models\Drill;
use App\Queries\Drills\DrillContent;
use Illuminate\Support\Facades\DB;

/** Takes one reading in a drill. The same reading sent twice is taken once. */
final readonly class MeasureInDrill
{
    /** Readings of one drill. */
    private const MOST = 200;

    public function __construct(private DrillContent $content)
    {
    }

    /** Refuses a measurement that cannot be made. */
    public function execute(Drill $drill, string $measurement): Drill
    {
        return DB::transaction(function () use ($drill, $measurement): Drill {
            $drill->claim();
            if (! $drill->kindOf()->isMeasured() || $this->content->lab($drill)->measure($measurement) === null) {
                throw WorkRefused::because(['measure' => __('drill.no-measurement')]);
            }
            if (count($drill->measured) >= self::MOST) {
                throw WorkRefused::because(['measure' => __('drill.enough')]);
            }
            // The same reading once more gives nothing new and costs nothing.
            in_array($measurement, $drill->measured, true) || $drill->update(['measured' => [...$drill->measured, $measurement]]);

            return $drill;
        });
    }
}
