<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\JudgedAt;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a handed-in attempt was judged to be, as it was shown; never changed but for what an instructor decides of a difference.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $try
 * @property JudgedAt $origin
 * @property int $rules
 * @property int $engine
 * @property string|null $verdict null where it could not be judged
 * @property string $headline
 * @property array<string, mixed>|null $page
 * @property array<string, mixed>|null $mark
 * @property array<string, mixed>|null $debrief
 * @property array{verdict: string, headline: string}|null $stood
 * @property int|null $bare_from
 * @property int|null $head its last step; null for what was judged before tries were told apart
 * @property array<string, list<string>>|null $answers
 * @property int|null $proof_id
 * @property Carbon|null $handed_in_at
 * @property Carbon $created_at
 */
final class Judgement extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'attempt_id', 'try', 'origin', 'rules', 'engine', 'verdict', 'headline', 'page', 'mark', 'debrief', 'stood',
        'bare_from', 'head', 'answers', 'proof_id', 'handed_in_at',
    ];

    protected $casts = [
        'origin' => JudgedAt::class, 'page' => 'array', 'mark' => 'array', 'debrief' => 'array', 'stood' => 'array',
        'answers' => 'array', 'handed_in_at' => 'datetime',
    ];

    /** Whether it could be judged at all. */
    public function isJudged(): bool
    {
        return $this->verdict !== null;
    }

    /** @return array{origin: string, rules: int, engine: int, at: string, stood: array{verdict: string, headline: string}|null} */
    public function told(): array
    {
        return [
            'origin' => $this->origin->value,
            'rules' => $this->rules,
            'engine' => $this->engine,
            'at' => $this->created_at->toIso8601ZuluString(),
            'stood' => $this->stood,
        ];
    }
}
