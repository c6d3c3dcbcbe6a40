<?php

declare(strict_types=1);

namespace Zwindle\Check;

use LogicException;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\FindingCode;

/** All the rules there are: for each finding code, in the order of the report, the class in `Rules/` of the same name. */
final class Rulebook
{
    /** @var array<string, list<Rule>> practice → its rules; a rule looks at what it is given and remembers nothing */
    private static array $rules = [];

    /** @var array<string, list<Rule>> */
    private static array $failing = [];

    /** @return list<Rule> those that a practice knows */
    public static function rules(Practice $practice): array
    {
        return self::$rules[$practice->id] ??= array_map(self::ruleOf(...), self::codesIn($practice));
    }

    /** @return list<Rule> those whose findings are a danger or a fault */
    public static function failing(Practice $practice): array
    {
        return self::$failing[$practice->id] ??= array_map(self::ruleOf(...), array_values(array_filter(
            self::codesIn($practice),
            fn (FindingCode $code) => $code->severity()->fails(),
        )));
    }

    /** @return list<FindingCode> */
    private static function codesIn(Practice $practice): array
    {
        return array_values(array_filter(FindingCode::cases(), fn (FindingCode $code) => $code->isIn($practice)));
    }

    private static function ruleOf(FindingCode $code): Rule
    {
        $class = __NAMESPACE__."\\Rules\\$code->name";
        $rule = class_exists($class) ? new $class : null;

        return $rule instanceof Rule ? $rule : throw new LogicException("No rule $class finds $code->value");
    }
}
