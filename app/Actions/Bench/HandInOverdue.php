<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Record;
use Illuminate\Support\Facades\DB;

/** When the time of an exam is up, what stands is handed in as it stands, at the minute at which it was up. */
final readonly class HandInOverdue
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    public function execute(Attempt $attempt): void
    {
        $isClosed = self::isOverdue($attempt) && DB::transaction(function () use ($attempt): bool {
            $attempt->claim();

            if (! self::isOverdue($attempt)) {
                return false;
            }
            Record::add('time-up', $attempt, null, to: ['steps' => $attempt->head]);

            return $attempt->update(['handed_in_at' => $attempt->dueAt(), 'is_time_up' => true, 'tries' => $attempt->tries + 1]);
        });
        if ($isClosed) {
            $this->keep->execute($attempt, JudgedAt::HandIn);
        }
    }

    private static function isOverdue(Attempt $attempt): bool
    {
        return $attempt->handed_in_at === null
            && $attempt->withdrawn_at === null
            && $attempt->assignment->isExam()
            && ($attempt->dueAt()?->isPast() ?? false);
    }
}
