<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Photograph;
use App\Models\User;

/** Puts one more photograph with an attempt; called inside the transaction that has claimed it. */
final class AddPhotograph
{
    public const MOST = 24;

    /** @throws WorkRefused for one too many */
    public function execute(Attempt $attempt, User $who, string $box, string $base64): void
    {
        if (Photograph::query()->where('attempt_id', $attempt->id)->count() >= self::MOST) {
            throw WorkRefused::because(['jpeg' => __('messages.too-many-pictures', ['most' => self::MOST])]);
        }
        Photograph::query()->create(['attempt_id' => $attempt->id, 'box' => $box, 'by' => $who->id, 'jpeg' => $base64]);
    }
}
