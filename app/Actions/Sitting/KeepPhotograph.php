<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Models\Attempt;
use App\Models\Photograph;
use App\Models\User;
use App\Pictures\PlainJpeg;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Keeps a photograph of a box with its attempt: the picture alone, with nothing of the phone or the place that took it. */
final class KeepPhotograph
{
    public const MOST = 24;

    /** @throws ValidationException for what is no picture, a box that is not there, or one too many */
    public function execute(Attempt $attempt, User $who, string $box, string $jpeg): void
    {
        if (! isset($attempt->board()->enclosures[$box])) {
            throw ValidationException::withMessages(['box' => __('messages.no-place')]);
        }
        $plain = PlainJpeg::of($jpeg) ?? throw ValidationException::withMessages(['jpeg' => __('messages.no-picture')]);
        DB::transaction(function () use ($attempt, $who, $box, $plain): void {
            $attempt->claim();
            if (Photograph::query()->where('attempt_id', $attempt->id)->count() >= self::MOST) {
                throw ValidationException::withMessages(['jpeg' => __('messages.too-many-pictures', ['most' => self::MOST])]);
            }
            Photograph::query()->create([
                'attempt_id' => $attempt->id, 'box' => $box, 'by' => $who->id, 'jpeg' => base64_encode($plain),
            ]);
        });
    }
}
