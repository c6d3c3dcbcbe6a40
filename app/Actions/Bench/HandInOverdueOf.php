<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Assignment;

/** Hands in what is overdue of one exam. Does nothing for any other piece of work, or for an exam without a clock. */
final readonly class HandInOverdueOf
{
    public function __construct(private HandInOverdue $overdue)
    {
    }

    public function execute(?Assignment $assignment): void
    {
        if ($assignment === null || ! $assignment->isExam() || $assignment->minutes === null) {
            return;
        }
        $under = $assignment->attempts();
        $under->whereNotNull('started_at')->whereNull('handed_in_at');
        foreach ($under->get() as $attempt) {
            $this->overdue->execute($attempt->setRelation('assignment', $assignment));
        }
    }
}
