<?php

declare(strict_types=1);

namespace App\Care;

use PDOException;

/**
 * What keeps the data from being written, where it is not the program's fault: told in words, and worth another try.
 *
 * Source: SQLite, "Result and Error Codes", primary codes; PostgreSQL, appendix A, "Error Codes".
 */
final class StorageFault
{
    private const SQLITE = [5 => 'locked', 6 => 'locked', 8 => 'read-only', 10 => 'cannot-write', 13 => 'full', 14 => 'cannot-write'];

    private const POSTGRESQL = ['53100' => 'full', '25006' => 'read-only', '55P03' => 'locked', '57P03' => 'cannot-write'];

    /** A primary code of SQLite is its last eight bits. */
    private const PRIMARY = 0xFF;

    /** @return 'full'|'read-only'|'locked'|'cannot-write'|null null where it is something else */
    public static function of(PDOException $fault): ?string
    {
        [$state, $code] = [(string) ($fault->errorInfo[0] ?? $fault->getCode()), $fault->errorInfo[1] ?? null];

        return self::POSTGRESQL[$state] ?? (is_int($code) && $state === 'HY000' ? self::SQLITE[$code & self::PRIMARY] ?? null : null);
    }
}
