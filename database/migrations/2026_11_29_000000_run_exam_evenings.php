<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('records', function (Blueprint $table) {
            $table->id();
            $table->timestamp('at', 3);
            $table->unsignedBigInteger('who')->nullable()->comment('number of a person; null: the clock');
            $table->string('what', 40);
            $table->string('subject', 20);
            $table->unsignedBigInteger('subject_id');
            $table->text('from')->nullable();
            $table->text('to')->nullable();
            $table->string('why', 500)->default('');
            $table->index(['subject', 'subject_id']);
        });
        // The application never changes or deletes a record; where the database can see to it, it does.
        if (DB::getDriverName() === 'sqlite') {
            foreach (['update', 'delete'] as $what) {
                DB::unprepared("CREATE TRIGGER records_no_$what BEFORE $what ON records BEGIN SELECT RAISE(ABORT, 'records are only added to'); END");
            }
        }
        Schema::table('assignments', function (Blueprint $table) {
            $table->timestamp('held_at')->nullable()->comment('set, and nobody may begin until it is opened');
            $table->timestamp('closed_at')->nullable()->comment('since when nobody begins any more');
        });
        Schema::table('attempts', function (Blueprint $table) {
            $table->timestamp('paused_at', 3)->nullable()->comment('since when its clock stands');
            $table->unsignedInteger('paused_seconds')->default(0)->comment('for how long its clock has stood');
            $table->unsignedInteger('added_seconds')->default(0)->comment('what an instructor added to its time');
            $table->boolean('is_on_board')->default(false)->comment('wired on a real board: the eye is asked, and nobody makes steps');
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamp('released_at')->nullable()->comment('mark of one person, before those of all');
            $table->text('overrides')->nullable()->comment('line of the mark → points that an instructor gives it');
            $table->text('second')->nullable()->comment('what the second marker saw, blind to the first');
            $table->text('note')->nullable()->comment('what the instructor says of the work');
        });
        Schema::create('step_decisions', function (Blueprint $table) {
            $table->foreignId('step_id')->primary()->constrained();
            $table->boolean('accepted');
            $table->timestamp('at');
        });
        Schema::create('evenings', function (Blueprint $table) {
            $table->id();
            $table->foreignId('classroom_id')->constrained();
            $table->foreignId('task_id')->constrained();
            $table->foreignId('assignment_id')->nullable()->constrained();
            $table->foreignId('retest_assignment_id')->nullable()->constrained('assignments');
            $table->string('title');
            $table->timestamp('starts_at')->nullable();
            $table->text('draft')->comment('people, stations, times and what was put by hand');
            $table->text('plan')->comment('the sittings');
            $table->text('parts')->nullable()->comment('station → part → what was found before the clock');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
    }
};
