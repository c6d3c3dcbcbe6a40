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
    ];

    protected $attributes = [
        'extra_percent' => 0, 'is_password_own' => true, 'second_factor' => null, 'second_factor_step' => 0, 'epoch' => 0,
    ];

    protected $hidden = ['password', 'remember_token', 'second_factor'];

    protected $casts = ['password' => 'hashed', 'is_password_own' => 'boolean', 'second_factor' => 'encrypted'];

    public function isInstructor(): bool
    {
        return $this->role === 'instructor';
    }

    /** @return HasMany<Classroom, $this> */
    public function classrooms(): HasMany
    {
        return $this->hasMany(Classroom::class, 'instructor_id');
    }
}
