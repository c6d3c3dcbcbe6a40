<?php

declare(strict_types=1);

namespace App\Http\Resources\Proving;

use App\Queries\Proving\Proving;
use App\Shapes\Proving\ProofShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A test sheet. Whoever is being graded sees what they wrote down and what is still empty, and not what it is worth.
 *
 * @property Proving $resource
 */
final class TestSheetResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $attempt = $this->resource->attempt;
        $report = (new ProofShape($this->resource))->report();
        $isSilent = ! $attempt->isReleased() && $attempt->trainee_id === $request->user()?->id;

        return [
            ...($isSilent ? self::silent($report) : $report),
            'isSilent' => $isSilent,
            'who' => $attempt->trainee->name,
        ];
    }

    /**
     * @param  array<string, mixed>  $report
     * @return array<string, mixed>
     */
    private static function silent(array $report): array
    {
        return [
            ...$report,
            'steps' => array_map(fn (array $step) => [...$step, 'state' => 'missing', 'why' => ''], $report['steps']),
            'hazards' => [],
            'lines' => array_map(fn (array $line) => [...$line, 'isGood' => null, 'why' => ''], $report['lines']),
        ];
    }
}
