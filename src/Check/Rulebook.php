<?php

declare(strict_types=1);

namespace Zwindle\Check;

use LogicException;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\FindingCode;

/** All the rules there are: for each finding code, in the order of the report, the class in `Rules/` of the same name. */
final class Rulebook
{
    /** @var list<Rule>|null a rule looks at what it is given and remembers nothing */
    private static ?array $rules = null;

    /** @return list<Rule> */
    public static function rules(): array
    {
        return self::$rules ??= array_map(self::ruleOf(...), FindingCode::cases());
    }

    /** @return list<Rule> those whose findings are a danger or a fault */
    public static function failing(): array
    {
        $fails = array_filter(FindingCode::cases(), fn (FindingCode $code) => $code->severity()->fails());

        return array_values(array_intersect_key(self::rules(), $fails));
    }

    private static function ruleOf(FindingCode $code): Rule
    {
        $class = __NAMESPACE__."\\Rules\\$code->name";
        $rule = class_exists($class) ? new $class : null;

        return $rule instanceof Rule ? $rule : throw new LogicException("No rule $class finds $code->value");
    }
}
