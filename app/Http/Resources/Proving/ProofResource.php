<?php

declare(strict_types=1);

namespace App\Http\Resources\Proving;

use App\Queries\Proving\ShownProof;
use App\Shapes\Proving\ProofShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property ShownProof $resource */
final class ProofResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shape = new ProofShape($this->resource->proving);
        // What does not change is asked for once.
        $bench = $request->isMethod('GET') ? ['bench' => $shape->bench()] : [];

        return [...$shape->json($this->resource->outcome, $this->resource->act), ...$bench];
    }
}
