<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A trainee as whoever teaches them sees them.
 *
 * @mixin \App\Models\User
 */
final class TraineeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'number' => $this->student_number,
            'role' => $this->role,
            'username' => $this->username,
            'extraPercent' => (int) $this->extra_percent,
        ];
    }
}
