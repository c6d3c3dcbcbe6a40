<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Classes\SetAssignment;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\User;

/** A small class for feature tests: one instructor, two trainees, one board. */
final class People
{
    public readonly User $instructor;

    public readonly User $trainee;

    public readonly User $neighbour;

    public readonly Classroom $classroom;

    public readonly Assignment $assignment;

    public readonly Attempt $attempt;

    public function __construct(string $slug = 'propagation-house', ?int $minutes = null)
    {
        $this->instructor = self::user('instructor');
        $this->trainee = self::user('trainee');
        $this->neighbour = self::user('trainee');
        $this->classroom = Classroom::factory()->create(['instructor_id' => $this->instructor->id]);
        $this->classroom->trainees()->attach([$this->trainee->id, $this->neighbour->id]);
        $this->assignment = (new SetAssignment)->execute($this->classroom, self::boardFile($slug), [
            $this->trainee->id,
            $this->neighbour->id,
        ], $minutes);
        $this->attempt = $this->assignment->attempts()->where('trainee_id', $this->trainee->id)->firstOrFail();
    }

    public static function user(string $role): User
    {
        static $count = 0;
        $count++;

        return User::factory()->create(['name' => "Person $count", 'username' => "person$count", 'role' => $role]);
    }

    public static function boardFile(string $slug = 'propagation-house'): BoardFile
    {
        return BoardFile::factory()->of($slug)->create();
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return array<string, mixed> the body of a request that sends them
     */
    public static function batch(array $steps, int $from = 1, int $base = 0, string $device = 'tablet-aa-11'): array
    {
        $batch = [];
        foreach ($steps as $i => $step) {
            $batch[] = ['number' => $from + $i, 'at' => now()->toIso8601ZuluString('millisecond'), 'step' => $step];
        }

        return ['device' => $device, 'base' => $base, 'steps' => $batch];
    }

    /** @return array<string, mixed> */
    public static function land(string $end, string $on): array
    {
        return ['do' => 'land', 'points' => [$end], 'on' => $on];
    }
}
