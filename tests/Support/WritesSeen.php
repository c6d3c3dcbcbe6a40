<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use WeakMap;

/** What is written to the database while something runs. */
final class WritesSeen
{
    /** @var WeakMap<object, true>|null the connections that are listened to */
    private static ?WeakMap $heard = null;

    /** @var list<string> */
    private static array $written = [];

    /**
     * @param  mixed  $result  what it gave
     * @return list<string> the statements that changed anything
     */
    public static function in(Closure $run, mixed &$result): array
    {
        self::$heard ??= new WeakMap;
        $connection = DB::connection();
        if (! isset(self::$heard[$connection])) {
            self::$heard[$connection] = true;
            DB::listen(function (QueryExecuted $query): void {
                if (preg_match('/^\s*(insert|update|delete|replace|create|drop|alter)\b/i', $query->sql) === 1) {
                    self::$written[] = $query->sql;
                }
            });
        }
        self::$written = [];
        $result = $run();

        return self::$written;
    }
}
