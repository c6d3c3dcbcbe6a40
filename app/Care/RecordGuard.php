<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Facades\DB;

/** Sees to it in the database itself that the record is only added to. */
final class RecordGuard
{
    private const WHAT = ['update', 'delete'];

    public static function set(): void
    {
        if (DB::getDriverName() === 'pgsql') {
            DB::unprepared('CREATE OR REPLACE FUNCTION records_are_kept() RETURNS trigger AS $$ BEGIN '
                ."RAISE EXCEPTION 'records are only added to'; END \$\$ LANGUAGE plpgsql");
        }
        foreach (self::WHAT as $what) {
            DB::unprepared(match (DB::getDriverName()) {
                'sqlite' => "CREATE TRIGGER records_no_$what BEFORE $what ON records BEGIN SELECT RAISE(ABORT, 'records are only added to'); END",
                'pgsql' => "CREATE TRIGGER records_no_$what BEFORE $what ON records FOR EACH ROW EXECUTE FUNCTION records_are_kept()",
                default => 'SELECT 1',
            });
        }
    }

    /** For a change of the table; set again at once. */
    public static function lift(): void
    {
        foreach (self::WHAT as $what) {
            DB::unprepared("DROP TRIGGER IF EXISTS records_no_$what".(DB::getDriverName() === 'pgsql' ? ' ON records' : ''));
        }
    }
}
