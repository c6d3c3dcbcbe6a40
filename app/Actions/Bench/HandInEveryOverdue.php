<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use Illuminate\Database\Eloquent\Builder;
use Throwable;

/** Locks and judges every exam whose time is up, whether anybody looks or not. One that cannot be is logged and holds no other up. */
final readonly class HandInEveryOverdue
{
    public function __construct(private HandInOverdue $overdue)
    {
    }

    /** @return int how many were under way */
    public function execute(): int
    {
        $under = Attempt::query();
        $under->whereNotNull('started_at')->whereNull('handed_in_at')->whereNull('withdrawn_at');
        $under->whereHas('assignment', fn (Builder $exam) => $exam->where('mode', 'exam')->whereNotNull('minutes'));
        $ids = $under->pluck('id');
        foreach ($ids as $id) {
            try {
                $this->overdue->execute(Attempt::query()->with(['assignment.boardFile', 'trainee'])->findOrFail($id));
            } catch (Throwable $fault) {
                report($fault);
            }
        }

        return $ids->count();
    }
}
