<?php

declare(strict_types=1);

namespace App\Http\Resources\Tasks;

use App\Shapes\Bench\BenchShape;
use App\Shapes\Tasks\AttackShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\Look;
use Zwindle\Exam\Grading\Attack;

/**
 * What an attack on a task found, with the board that the wirings are of as it can be drawn.
 *
 * @property array{found: Attack|null} $resource
 */
final class TaskAttackResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $found = $this->resource['found'];

        return [
            'board' => $found === null ? null : (new BenchShape($found->board))->name(Look::of($found->board)),
            'attack' => $found === null ? null : (new AttackShape($found))->json(),
        ];
    }
}
