<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Proving\Misconceptions\ClassQuestion;
use Zwindle\Proving\Misconceptions\Misconception;

/** @property array{question: ClassQuestion|null, practice: string} $resource */
final class ClassQuestionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['question' => $question, 'practice' => $practice] = $this->resource;
        $say = fn (array $all): array => array_map(
            fn (Misconception $one) => __("proving.room.$one->value", [], $practice),
            $all,
        );

        return ['question' => $question === null ? null : [
            'lamp' => $question->lamp,
            'state' => $question->state,
            'switch' => $question->switch,
            'isOn' => $question->isOn,
            'sayOn' => $say($question->sayOn),
            'sayOff' => $say($question->sayOff),
        ]];
    }
}
