<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use Throwable;

/** Judges whatever was handed in and left unjudged when the server was stopped. One that cannot be is logged and holds no other up. */
final readonly class JudgeEveryUnjudged
{
    /** Whoever has just handed in is being judged already. */
    private const SECONDS = 60;

    public function __construct(private JudgeUnjudged $judge)
    {
    }

    /** @return int how many were left */
    public function execute(): int
    {
        $left = Attempt::unjudged()->where('updated_at', '<', now()->subSeconds(self::SECONDS))->pluck('id');
        foreach ($left as $id) {
            try {
                $this->judge->execute(Attempt::query()->with(['assignment.boardFile', 'trainee'])->findOrFail($id));
            } catch (Throwable $fault) {
                report($fault);
            }
        }

        return $left->count();
    }
}
