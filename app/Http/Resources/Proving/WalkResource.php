<?php

declare(strict_types=1);

namespace App\Http\Resources\Proving;

use App\Queries\Proving\Proving;
use App\Shapes\Proving\WalkShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The combinations that somebody has seen; and once they sign the board off, in work that is not graded, what would have passed.
 *
 * @property Proving $resource
 */
final class WalkResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return (new WalkShape($this->resource))->json(isOpen: $this->resource->attempt->isReleased());
    }
}
