<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Step;
use App\Wording\BenchWords;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\Look;

/**
 * The bench as eyes see it, and the steps made on it.
 *
 * @mixin \App\Models\Attempt
 */
final class BenchResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $file = $this->assignment->boardFile;
        $board = $file->board();

        return [
            'id' => $this->id,
            'title' => $board->title,
            'practice' => $board->practice->value,
            'brief' => $file->brief,
            'trainee' => UserResource::make($this->trainee),
            'isMine' => $this->trainee_id === $request->user()?->id,
            'minutes' => $this->assignment->minutes,
            'startedAt' => $this->started_at?->toIso8601ZuluString(),
            'dueAt' => $this->dueAt()?->toIso8601ZuluString('millisecond'),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'serverTime' => now()->toIso8601ZuluString('millisecond'),
            'head' => $this->head,
            'board' => (new BenchWords($board))->name(Look::of($board)),
            'steps' => $this->steps->whereNull('set_aside')->map(fn (Step $step) => [
                'sequence' => $step->sequence, 'device' => $step->device, 'number' => $step->number, 'step' => $step->json,
            ])->values(),
            'setAside' => $this->steps->whereNotNull('set_aside')->map(fn (Step $step) => [
                'device' => $step->device, 'number' => $step->number, 'reason' => $step->set_aside,
                'madeAt' => $step->made_at->toIso8601ZuluString('millisecond'), 'receivedAt' => $step->received_at->toIso8601ZuluString('millisecond'),
            ])->values(),
        ];
    }
}
