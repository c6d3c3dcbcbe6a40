<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Exam\Grading\Observation;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/**
 * Text of a marking file → GradingScheme, or every problem with its pointer.
 *
 * @phpstan-type MarkingJson object{title: string, total: int, passMark: int, points: object{behaviour?: int, safety?: int,
 *     answers?: int, order?: int, time?: int},
 *     rules?: object, workmanship?: list<object{id: string, text: string, points: int}>, behaviourBy?: string, perMistake?: int,
 * withinMinutes?: int, critical?: list<string>, deadBeforeHands?: bool}
 */
final class GradingSchemeReader
{
    private const PER_MISTAKE = 10;

    /** @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to */
    public static function read(string|array|object $given, Problems $problems): ?GradingScheme
    {
        /** @var MarkingJson|null $json */
        $json = JsonText::read($given, 'marking', $problems);
        if ($json === null) {
            return null;
        }
        $critical = $json->critical ?? [GradingScheme::ANY_DANGER];
        foreach ($critical as $i => $code) {
            $isKnown = FindingCode::tryFrom($code) !== null || in_array($code, [Severity::Danger->value, Severity::Fault->value], true);
            $isKnown || $problems->add("/critical/$i", ProblemCode::UnknownCritical, ['text' => $code]);
        }
        $points = $json->points;
        $scheme = new GradingScheme(
            $json->title, $json->total, $json->passMark,
            $points->behaviour ?? 0, $points->safety ?? 0, $points->answers ?? 0, $points->order ?? 0, $points->time ?? 0,
            self::rules((array) ($json->rules ?? []), $problems),
            array_map(fn (object $one) => new Observation($one->id, $one->text, $one->points), $json->workmanship ?? []),
            ($json->behaviourBy ?? 'states') === 'distance' ? ($json->perMistake ?? self::PER_MISTAKE) : null,
            $json->withinMinutes ?? null,
            $critical,
            $json->deadBeforeHands ?? true,
        );
        self::sense($scheme, $problems);

        return $problems->any() ? null : $scheme;
    }

    private static function sense(GradingScheme $scheme, Problems $problems): void
    {
        if ($scheme->sum() !== $scheme->total) {
            $problems->add('/total', ProblemCode::PointsDoNotAddUp, ['sum' => $scheme->sum(), 'total' => $scheme->total]);
        }
        if ($scheme->passMark > $scheme->total) {
            $problems->add('/passMark', ProblemCode::PassMarkTooHigh, ['mark' => $scheme->passMark, 'total' => $scheme->total]);
        }
        if ($scheme->time > 0 && $scheme->withinMinutes === null) {
            $problems->add('/withinMinutes', ProblemCode::TimeWithoutLimit);
        }
        $seen = [];
        foreach ($scheme->workmanship as $i => $observation) {
            isset($seen[$observation->id])
                && $problems->add("/workmanship/$i/id", ProblemCode::TwiceUsedObservation, ['id' => $observation->id]);
            $seen[$observation->id] = true;
        }
    }

    /**
     * @param  array<mixed>  $rules
     * @return array<string, int>
     */
    private static function rules(array $rules, Problems $problems): array
    {
        $read = [];
        foreach ($rules as $code => $points) {
            FindingCode::tryFrom((string) $code) === null
                ? $problems->add("/rules/$code", ProblemCode::UnknownRule, ['text' => (string) $code])
                : $read[(string) $code] = is_int($points) ? $points : 0;
        }

        return $read;
    }
}
