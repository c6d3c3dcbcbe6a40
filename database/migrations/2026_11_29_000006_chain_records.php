<?php

use App\Care\RecordGuard;
use App\Models\Record;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Each record carries a hash of itself and of the one before: what is changed or taken out afterwards shows. */
    public function up(): void
    {
        RecordGuard::lift();
        Schema::table('records', function (Blueprint $table) {
            $table->string('hash', 64)->default('')->comment('of this record and the one before');
        });
        Schema::create('record_chain', function (Blueprint $table) {
            $table->id();
            $table->string('hash', 64)->comment('of the newest record');
            $table->unsignedBigInteger('count');
        });
        $hash = Record::BEGINNING;
        $count = 0;
        foreach (DB::table('records')->orderBy('id')->cursor() as $row) {
            $hash = Record::hashOf($hash, (array) $row);
            DB::table('records')->where('id', $row->id)->update(['hash' => $hash]);
            $count++;
        }
        DB::table('record_chain')->insert(['id' => 1, 'hash' => $hash, 'count' => $count]);
        RecordGuard::set();
    }
};
