<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Zwindle\Board\Wiring\AsFound;

/**
 * What an instructor wrote down of a standing board before anything came off; one for each numbered board of a drawing.
 *
 * @property array<string, string> $lands
 * @property array<string, string> $marks
 */
final class AsFoundSheet extends Model
{
    protected $fillable = ['board_file_id', 'instructor_id', 'number', 'lands', 'marks'];

    protected $casts = ['lands' => 'array', 'marks' => 'array'];

    public static function of(BoardFile $file, User $instructor, int $number = 1): AsFound
    {
        $kept = self::query()->where(['board_file_id' => $file->id, 'instructor_id' => $instructor->id, 'number' => $number])->first();

        return new AsFound($kept->lands ?? [], $kept->marks ?? []);
    }

    public static function keep(BoardFile $file, User $instructor, int $number, AsFound $sheet): void
    {
        self::query()->updateOrCreate([
            'board_file_id' => $file->id,
            'instructor_id' => $instructor->id,
            'number' => $number,
        ], ['lands' => $sheet->lands, 'marks' => $sheet->marks]);
    }
}
