<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Record;
use Illuminate\Support\Facades\DB;

/** Whether what is kept is whole: the database, the judgements that count, the record. */
final class DataCheck
{
    /** @return list<string> what is wrong, a sentence each; none where all is well */
    public static function faults(): array
    {
        $faults = [];
        if (DB::getDriverName() === 'sqlite') {
            foreach (DB::select('PRAGMA integrity_check') as $row) {
                $said = (string) current((array) $row);
                $said === 'ok' || $faults[] = "The database is damaged: $said";
            }
            foreach (DB::select('PRAGMA foreign_key_check') as $row) {
                $faults[] = "Table $row->table, row $row->rowid: what it belongs to is gone ($row->parent).";
            }
        }
        $lost = DB::table('attempts')->leftJoin('judgements', 'judgements.id', '=', 'attempts.judgement_id')
            ->whereNotNull('attempts.judgement_id')->whereNull('judgements.id')->pluck('attempts.id');
        foreach ($lost as $attempt) {
            $faults[] = "Attempt $attempt: its judgement is gone.";
        }
        $unread = DB::table('judgements')->whereNotNull('page')->orderBy('id')->select(['id', 'page', 'mark'])->cursor();
        foreach ($unread as $judgement) {
            if (! json_validate((string) $judgement->page) || ($judgement->mark !== null && ! json_validate((string) $judgement->mark))) {
                $faults[] = "Judgement $judgement->id cannot be read.";
            }
        }
        $broken = Record::brokenAt();

        return $broken === null ? $faults : [...$faults, "The record is not as it was written, from entry $broken on."];
    }
}
