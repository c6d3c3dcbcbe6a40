<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;

/** Keeps what the second marker saw, who is somebody else and does not see the first mark. */
final readonly class MarkBySecond
{
    public function __construct(private ChangeOnRecord $change)
    {
    }

    /**
     * The second marker, who is somebody else, sees for themselves, blind to the first.
     *
     * @param  array<string, bool>  $seen
     */
    public function execute(Attempt $attempt, array $seen, User $who): void
    {
        $first = Record::query()->where(['subject' => 'attempt', 'subject_id' => $attempt->id, 'what' => 'observe']);
        if ($first->orderByDesc('id')->value('who') === $who->id) {
            throw WorkRefused::because(['observed' => __('messages.second-is-first')]);
        }
        $this->change->execute($attempt, 'second', $seen, 'second', $who);
    }
}
