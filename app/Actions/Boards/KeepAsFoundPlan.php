<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use App\Models\User;
use App\Services\KeptPlans;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Wiring\AsFound;

/** Fills in the as-found sheet of a board from a plan, to be changed where the board is otherwise. */
final readonly class KeepAsFoundPlan
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * As a plan has it, to be changed where what stands is otherwise.
     *
     * @throws InputRefused if there is no such plan, or some of the runs are still to be chosen
     */
    public function execute(BoardFile $file, User $instructor, int $number, int $plan): void
    {
        $wiring = $this->plans->one($file->board(), $plan)->wiring ?? throw InputRefused::option(__('as-found.no-such-plan'));
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, AsFound::of($wiring)));
    }
}
