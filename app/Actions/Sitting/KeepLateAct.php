<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Models\Attempt;
use App\Models\LateAct;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;

/**
 * What a device made before the end of an exam and sends after it is a late act, for the instructor to accept: answers, photographs
 * and what was done at a board under test. Steps at the bench are set aside in the list of steps.
 */
final class KeepLateAct
{
    /** Of one attempt: a tablet that was offline for an hour sends fewer. */
    private const MOST = 300;

    /**
     * Called inside the transaction that has claimed the attempt.
     *
     * @param  string|null  $refusal  why it cannot count by itself
     * @param  string  $key  of the device and its count: kept once, however often it is sent
     * @param  array<string, mixed>  $body
     * @param  CarbonInterface|null  $madeAt  by the clock of the device; null: it does not say
     * @return bool whether it is kept as late
     */
    public static function execute(
        Attempt $attempt,
        ?string $refusal,
        string $kind,
        string $key,
        array $body,
        ?CarbonInterface $madeAt,
    ): bool {
        $end = self::endOf($attempt);
        $isLate = in_array($refusal, ['late', 'after-hand-in'], true) && $attempt->assignment->isGraded();
        if (! $isLate || $madeAt === null || $end === null || $madeAt->gt($end)) {
            return false;
        }
        $kept = LateAct::query()->where('attempt_id', $attempt->id);
        if ($kept->clone()->where('key', $key)->exists()) {
            return true;
        }
        if ($kept->count() >= self::MOST) {
            return false;
        }
        LateAct::query()->create([
            'attempt_id' => $attempt->id, 'key' => $key, 'kind' => $kind, 'body' => $body, 'made_at' => $madeAt, 'received_at' => now(),
        ]);

        return true;
    }

    private static function endOf(Attempt $attempt): ?Carbon
    {
        return $attempt->handed_in_at ?? $attempt->dueAt();
    }
}
