<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Models\Attempt;
use App\Models\User;

/** Keeps a note beside a mark. */
final readonly class WriteNote
{
    public function __construct(private ChangeOnRecord $change)
    {
    }

    public function execute(Attempt $attempt, string $note, User $who): void
    {
        $this->change->execute($attempt, 'note', $note === '' ? null : $note, 'note', $who);
    }
}
