<?php

declare(strict_types=1);

namespace App\Care;

use PDOException;

/**
 * What keeps the data from being written, where it is not the program's fault: reported in words, and worth another try.
 *
 * Source: SQLite, "Result and Error Codes", primary codes; PostgreSQL, appendix A, "Error Codes".
 */
final class StorageFault
{
    private const SQLITE = [5 => 'locked', 6 => 'locked', 8 => 'read-only', 10 => 'cannot-write', 13 => 'full', 14 => 'cannot-write'];

    private const POSTGRESQL = ['53100' => 'full', '25006' => 'read-only', '55P03' => 'locked', '57P03' => 'cannot-write'];

    /** A primary code of SQLite is its last eight bits. */
    private const PRIMARY = 0xFF;

    /** Less room than this is none: a file of the database does not get any larger. */
    private const NO_ROOM_BYTES = 1_000_000;

    /**
     * @param  string  $folder  of the database, which tells why a file in it cannot be opened
     * @return 'full'|'read-only'|'locked'|'cannot-write'|null null where it is something else
     */
    public static function of(PDOException $fault, string $folder): ?string
    {
        [$state, $code] = [(string) ($fault->errorInfo[0] ?? $fault->getCode()), $fault->errorInfo[1] ?? null];
        $kind = self::POSTGRESQL[$state] ?? (is_int($code) && $state === 'HY000' ? self::SQLITE[$code & self::PRIMARY] ?? null : null);

        return $kind === 'cannot-write' ? self::whyIn($folder) : $kind;
    }

    /** @return 'full'|'read-only'|'cannot-write' */
    private static function whyIn(string $folder): string
    {
        $room = is_dir($folder) ? disk_free_space($folder) : false;

        return match (true) {
            $room !== false && $room < self::NO_ROOM_BYTES => 'full',
            is_dir($folder) && ! is_writable($folder) => 'read-only',
            default => 'cannot-write',
        };
    }
}
