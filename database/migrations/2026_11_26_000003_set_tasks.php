<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('markings', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->nullable()->constrained('users')->comment('null for the house\'s own');
            $table->string('title');
            $table->text('json');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });

        Schema::create('tasks', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->foreignId('board_file_id')->constrained();
            $table->foreignId('marking_id')->constrained();
            $table->string('title');
            $table->text('json');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });

        Schema::table('assignments', function (Blueprint $table) {
            $table->foreignId('task_id')->nullable()->constrained();
            $table->string('mode')->default('coached');
            $table->text('task_json')->nullable()->comment('the task as it was when it was set');
            $table->text('marking_json')->nullable()->comment('the marking as it was when it was set');
            $table->timestamp('released_at')->nullable()->comment('since when trainees see their marks');
        });

        Schema::table('attempts', function (Blueprint $table) {
            $table->unsignedSmallInteger('seat')->nullable();
            $table->text('board_json')->nullable()->comment('the variant of the seat');
            $table->text('start_json')->nullable()->comment('steps that stood already when it was set');
            $table->json('answers')->nullable();
            $table->json('observed')->nullable()->comment('what the instructor\'s eye said');
            $table->unsignedSmallInteger('tries')->default(0)->comment('hand-ins so far');
        });
    }
};
