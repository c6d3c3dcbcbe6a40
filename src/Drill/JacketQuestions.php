<?php

declare(strict_types=1);

namespace Zwindle\Drill;

use Zwindle\Catalogue\Cables\Ampacity;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Exam\Vary\Dice;

/** Read a cable's jacket: what is in it, what each conductor may be, what protects it. */
final class JacketQuestions
{
    private const COUNT = 6;

    /** @return list<DrillQuestion> */
    public static function of(Dice $dice, Practice $practice): array
    {
        $types = array_values(array_filter(CableType::of($practice), fn (CableType $type) => ! $type->isSingle));
        $questions = [];
        for ($i = 0; count($questions) < self::COUNT; $i++) {
            $own = $dice->for("question $i");
            $type = $own->for('type')->shuffled($types)[0];
            $question = match (['insulated', 'earth', 'needs-mark', 'carries'][$i % 4]) {
                'insulated' => self::insulated($type),
                'earth' => self::earth($type),
                'needs-mark' => self::needsMark($own, $type),
                'carries' => isset(Ampacity::all()[$type->size]) ? self::carries($type, $practice) : self::insulated($type),
            };
            $questions[] = $question;
        }

        return $questions;
    }

    private static function insulated(CableType $type): DrillQuestion
    {
        return new DrillQuestion('insulated', self::shown($type), ['1', '2', '3', '4'], (string) count(self::insulatedCores($type)));
    }

    private static function earth(CableType $type): DrillQuestion
    {
        $options = array_values(array_unique(array_map(fn (Colour $colour) => $colour->value, $type->cores)));

        return new DrillQuestion('earth', self::shown($type), $options, self::firstEarth($type)->value);
    }

    /** Whether a conductor has to be marked before it carries the line: taped in America, sleeved in Britain. */
    private static function needsMark(Dice $dice, CableType $type): DrillQuestion
    {
        $colour = $dice->for('colour')->shuffled(array_values(self::insulatedCores($type)))[0];
        $needs = $type->colours?->needsMarkAsLine($colour) ?? false;

        return new DrillQuestion('needs-mark', [...self::shown($type), 'colour' => $colour->value], ['yes', 'no'], $needs ? 'yes' : 'no');
    }

    /** What it may carry, by the size that is printed on it. */
    private static function carries(CableType $type, Practice $practice): DrillQuestion
    {
        $sizes = array_map(fn (CableType $one) => $one->size, CableType::of($practice));
        $known = array_intersect_key(Ampacity::all(), array_flip($sizes));
        $options = array_values(array_unique([...array_map(strval(...), array_values($known)), '30', '6']));
        sort($options, SORT_NUMERIC);

        return new DrillQuestion('carries', self::shown($type), $options, (string) $known[$type->size]);
    }

    private static function firstEarth(CableType $type): Colour
    {
        return array_values(array_filter($type->cores, fn (Colour $colour) => $colour->isEarths()))[0] ?? Colour::Bare;
    }

    /** @return array<string, Colour> */
    private static function insulatedCores(CableType $type): array
    {
        return array_filter($type->cores, fn (Colour $colour) => ! $colour->isEarths());
    }

    /** @return array{print: string, colours: list<string>} */
    private static function shown(CableType $type): array
    {
        return ['print' => $type->print, 'colours' => array_values(array_map(fn (Colour $colour) => $colour->value, $type->cores))];
    }
}
