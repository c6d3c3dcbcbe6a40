<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table) {
            $table->string('student_number', 40)->nullable()->comment('of the college; tells two people of one name apart');
            $table->text('mark_table')->nullable()->comment('how an instructor last took a table of marks away');
        });
        Schema::table('attempts', function (Blueprint $table) {
            $table->timestamp('present_at')->nullable()->comment('when an instructor marked its trainee present at the station');
            $table->unsignedSmallInteger('judged_try')->default(0)->comment('the newest try that is judged');
        });
        DB::table('attempts')->whereNotNull('judgement_id')->update(['judged_try' => DB::raw('tries')]);
        Schema::table('judgements', function (Blueprint $table) {
            $table->unsignedInteger('bare_from')->nullable()->comment('step after which that try was wired; null before tries were told apart');
            $table->unsignedInteger('head')->nullable()->comment('its last step');
            $table->text('answers')->nullable()->comment('what was answered in it');
            $table->unsignedBigInteger('proof_id')->nullable()->comment('how its board was tested');
            $table->timestamp('handed_in_at')->nullable();
        });
        Schema::table('assignments', function (Blueprint $table) {
            $table->timestamp('taken_back_at')->nullable()->comment('when its setting was taken back: nobody had begun');
        });
        Schema::table('placed_faults', function (Blueprint $table) {
            $table->dropUnique(['attempt_id']);
            $table->unsignedSmallInteger('try')->default(1)->comment('each try looks for faults of its own');
            $table->unique(['attempt_id', 'try']);
        });
        Schema::create('late_acts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80)->comment('of the device and its count: kept once whatever is sent twice');
            $table->string('kind', 20)->comment('answer, photograph or act');
            $table->mediumText('body');
            $table->timestamp('made_at', 3)->comment('by the clock of the device');
            $table->timestamp('received_at', 3);
            $table->boolean('accepted')->nullable()->comment('null until an instructor decides');
            $table->timestamp('decided_at')->nullable();
            $table->unique(['attempt_id', 'key']);
        });
    }
};
