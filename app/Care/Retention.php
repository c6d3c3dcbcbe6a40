<?php

declare(strict_types=1);

namespace App\Care;

use App\Actions\Bench\EndTrial;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What goes by itself when its time is over, as the settings say. Marks, judgements and the record stay. */
final readonly class Retention
{
    public function __construct(private EndTrial $endTrial)
    {
    }

    /** @return array{classes: int, trials: int, photographs: int, people: int} how many of each */
    public function execute(): array
    {
        return [
            'classes' => $this->archiveClasses(),
            'trials' => $this->endTrials(config()->integer('app.keep.trials_days')),
            'photographs' => $this->dropPhotographs(config()->integer('app.keep.photographs_days')),
            'people' => $this->erasePeople(config()->integer('app.keep.people_years')),
        ];
    }

    /** Classes whose term is over; an instructor takes one out of the archive again. */
    private function archiveClasses(): int
    {
        return Classroom::query()->whereNull('archived_at')->whereDate('ends_on', '<', Carbon::today())->update([
            'archived_at' => now(),
            'ends_on' => null,
        ]);
    }

    /** Boards that an instructor tried and left; 0 keeps them. */
    private function endTrials(int $days): int
    {
        if ($days === 0) {
            return 0;
        }
        $trials = Attempt::query()->with('assignment');
        $trials->where('created_at', '<', now()->subDays($days));
        $trials->whereIn('assignment_id', DB::table('assignments')->whereNull('classroom_id')->select('id'));
        $left = $trials->get();
        foreach ($left as $trial) {
            $this->endTrial->execute($trial);
        }

        return $left->count();
    }

    /** Pictures of boxes; 0 keeps them. */
    private function dropPhotographs(int $days): int
    {
        return $days === 0 ? 0 : DB::table('photographs')->where('created_at', '<', now()->subDays($days))->delete();
    }

    /** Trainees who are in no class that goes on, and have done nothing for so long: the person is blanked, not the mark. 0 keeps them. */
    private function erasePeople(int $years): int
    {
        if ($years === 0) {
            return 0;
        }
        $since = now()->subYears($years);
        $going = DB::table('classroom_trainee')->join('classrooms', 'classrooms.id', '=', 'classroom_id')
            ->whereNull('left_at')->whereNull('archived_at')->select('trainee_id');
        $active = DB::table('attempts')->where('updated_at', '>=', $since)->select('trainee_id');
        $people = User::query();
        $people->where('role', 'trainee')->where('updated_at', '<', $since)->where('username', 'not like', 'erased-%');
        $people->whereNotIn('id', $going)->whereNotIn('id', $active);
        $gone = $people->get();
        foreach ($gone as $person) {
            PersonData::erase($person);
        }

        return $gone->count();
    }
}
