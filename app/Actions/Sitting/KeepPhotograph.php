<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Models\Photograph;
use App\Models\User;
use App\Services\ExamGate;
use App\Services\PlainJpeg;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/** Keeps a photograph of a box with its attempt: the picture alone, with nothing of the phone or the place that took it. */
final readonly class KeepPhotograph
{
    public function __construct(private AddPhotograph $add)
    {
    }

    /**
     * Those of an exam board stay as they were at the hand-in: what its trainee took before and sent after it waits for the instructor.
     *
     * @param  CarbonInterface|null  $madeAt  by the clock of the device
     * @return bool whether it is with the board
     *
     * @throws WorkRefused for what is no picture, a box that is not there, one too many, or a board that is handed in
     */
    public function execute(Attempt $attempt, User $who, string $box, string $jpeg, ?CarbonInterface $madeAt = null): bool
    {
        $plain = self::plain($attempt, $box, $jpeg);

        return DB::transaction(function () use ($attempt, $who, $box, $plain, $madeAt): bool {
            $attempt->claim();
            $refusal = ExamGate::refusalOfPhotographs($attempt, $who);
            $body = ['box' => $box, 'jpeg' => base64_encode($plain)];
            $key = 'photograph-'.hash('xxh64', $plain);
            if (KeepLateAct::execute($attempt, $refusal, LateAct::PHOTOGRAPH, $key, $body, $madeAt)) {
                return false;
            }
            ExamGate::refuse($refusal, 'jpeg');
            $this->add->execute($attempt, $who, $box, $body['jpeg']);

            return true;
        });
    }

    private static function plain(Attempt $attempt, string $box, string $jpeg): string
    {
        if (! isset($attempt->board()->enclosures[$box])) {
            throw WorkRefused::because(['box' => __('messages.no-place')]);
        }

        return PlainJpeg::of($jpeg) ?? throw WorkRefused::because(['jpeg' => __('messages.no-picture')]);
    }
}
