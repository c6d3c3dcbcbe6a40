<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\ReadBoard;
use Illuminate\Database\Eloquent\Model;
use Zwindle\Board\Board;

/**
 * A board file in the library.
 *
 * @property int $id
 * @property int|null $instructor_id null for the boards that every instructor has
 * @property string $title
 * @property string $practice
 * @property string $brief
 * @property string $json
 */
final class BoardFile extends Model
{
    protected $fillable = ['instructor_id', 'title', 'practice', 'brief', 'json'];

    public function board(): Board
    {
        return (new ReadBoard)->execute($this->json);
    }
}
