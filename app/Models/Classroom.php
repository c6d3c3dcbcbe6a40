<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ClassroomFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $instructor_id
 * @property string $name
 */
final class Classroom extends Model
{
    /** @use HasFactory<ClassroomFactory> */
    use HasFactory;

    protected $fillable = ['instructor_id', 'name'];

    /** @return BelongsToMany<User, $this> */
    public function trainees(): BelongsToMany
    {
        $trainees = $this->belongsToMany(User::class, 'classroom_trainee', 'classroom_id', 'trainee_id');
        $trainees->orderBy('name');

        return $trainees;
    }

    /** @return HasMany<Assignment, $this> */
    public function assignments(): HasMany
    {
        return $this->hasMany(Assignment::class);
    }
}
