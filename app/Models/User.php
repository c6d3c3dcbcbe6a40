<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $username
 * @property string $role `instructor` or `trainee`
 * @property string $password hashed; of a trainee the personal code
 * @property int $extra_percent extra time, of the time that is set
 * @property string|null $student_number of the college
 * @property array<string, mixed>|null $mark_table how an instructor last took a table of marks away
 * @property string|null $second_factor secret of one-time codes, in base 32; null: none is asked for
 * @property int $second_factor_step the newest that was used
 * @property int $epoch sessions of an earlier one are over
 * @property bool $is_password_own false while an instructor has the password of the invitation
 * @property \Illuminate\Support\Carbon $created_at
 * @property \Illuminate\Support\Carbon $updated_at
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = [
        'name', 'username', 'role', 'password', 'extra_percent', 'is_password_own', 'second_factor', 'second_factor_step', 'epoch',
        'student_number', 'mark_table',
    ];

    protected $attributes = [
        'extra_percent' => 0, 'is_password_own' => true, 'second_factor' => null, 'second_factor_step' => 0, 'epoch' => 0,
        'student_number' => null, 'mark_table' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'second_factor'];

    protected $casts = ['password' => 'hashed', 'is_password_own' => 'boolean', 'second_factor' => 'encrypted', 'mark_table' => 'array'];

    public function isInstructor(): bool
    {
        return $this->role === 'instructor';
    }

    /** Blanked for good: the work stands under the number alone. */
    public function isErased(): bool
    {
        return $this->username === self::erasedName($this->id);
    }

    public static function erasedName(int $id): string
    {
        return "erased-$id";
    }

    /** @return HasMany<Classroom, $this> */
    public function classrooms(): HasMany
    {
        return $this->hasMany(Classroom::class, 'instructor_id');
    }
}
