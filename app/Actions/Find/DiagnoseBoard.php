<?php

declare(strict_types=1);

namespace App\Actions\Find;

use App\Actions\Boards\PlanBoardFile;
use App\Exceptions\InputRefused;
use App\Models\BoardFile;
use App\Models\ConfirmedMistake;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnose\Diagnosis;
use Zwindle\Diagnose\SeenReader;
use Zwindle\Format\Read\Problems;

/** What was seen on a standing board of the library → what fits, by its plan and by what its instructor has confirmed before. */
final readonly class DiagnoseBoard
{
    public function __construct(private PlanBoardFile $planner)
    {
    }

    /**
     * @param  array<string, mixed>  $seen  states, looks, probes and parts, as the file has them
     * @return array{diagnosis: Diagnosis, right: Wiring}
     *
     * @throws InputRefused with every problem
     */
    public function execute(User $instructor, BoardFile $file, array $seen): array
    {
        $right = $this->planner->plan($file, 0, null)->wiring ?? null;
        if ($right === null) {
            throw ValidationException::withMessages(['board' => __('messages.no-plan-to-set')]);
        }
        if (count($right->board->devicesOf(DeviceKind::Switch)) > Diagnosis::MOST_SWITCHES) {
            throw ValidationException::withMessages(['board' => __('problems.too-many-to-compare', [
                'count' => count($right->board->devicesOf(DeviceKind::Switch)), 'most' => Diagnosis::MOST_SWITCHES,
            ])]);
        }
        $problems = new Problems;
        $text = json_encode([
            'format' => 'zwindle-seen', 'version' => 1, 'weights' => (object) self::confirmedBy($instructor), ...$seen,
        ], JSON_THROW_ON_ERROR);
        $read = SeenReader::read($text, $right->board, $problems) ?? throw InputRefused::file('seen', $problems->all());

        return ['diagnosis' => Diagnosis::of([$right], $read), 'right' => $right];
    }

    /** @return array<string, int> kind → how often */
    private static function confirmedBy(User $instructor): array
    {
        $rows = ConfirmedMistake::query()->toBase()->where('instructor_id', $instructor->id)->groupBy('kind')
            ->get(['kind', DB::raw('count(*) as times')]);
        $times = [];
        foreach ($rows as $row) {
            $times[(string) $row->kind] = (int) $row->times;
        }

        return $times;
    }
}
