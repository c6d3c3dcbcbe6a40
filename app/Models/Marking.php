<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\InputRefused;
use Database\Factories\MarkingFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Problem\Problems;

/**
 * A marking scheme in the instructor's drawer; what was set with an earlier version has a copy of it.
 *
 * @property int $id
 * @property int|null $instructor_id null for the house's own
 * @property string $title
 * @property string $json
 * @property int $version
 */
final class Marking extends Model
{
    /** @use HasFactory<MarkingFactory> */
    use HasFactory;

    protected $fillable = ['instructor_id', 'title', 'json', 'version'];

    protected $attributes = ['version' => 1];

    /** @throws InputRefused with every problem of the file */
    public static function read(string $json): GradingScheme
    {
        $problems = new Problems;

        return GradingSchemeReader::read($json, $problems) ?? throw InputRefused::file('marking', $problems->all());
    }
}
