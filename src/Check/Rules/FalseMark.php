<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/** A mark that says something else than the conductor is. */
final readonly class FalseMark implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->wiring->marks as $end => $mark) {
            $roles = $evidence->roles->at($end);
            if ($roles !== [Role::None] && ! self::isTrue($mark, $roles)) {
                yield new Finding(FindingCode::FalseMark, [$end], ['mark' => $mark->value, 'role' => $roles[0]->value]);
            }
        }
    }

    /** @param  list<Role>  $roles */
    private static function isTrue(MarkedAs $mark, array $roles): bool
    {
        foreach ($roles as $role) {
            $says = match (true) {
                $role->isOnLineSide() => MarkedAs::Line,
                $role === Role::Neutral => MarkedAs::Neutral,
                default => MarkedAs::Earth,
            };
            if ($says === $mark) {
                return true;
            }
        }

        return false;
    }
}
