<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table) {
            $table->unsignedSmallInteger('extra_percent')->default(0)->comment('extra time of a trainee, of the time that is set');
            $table->boolean('is_password_own')->default(true)->comment('false while an instructor has the password of the invitation');
        });
        Schema::table('classrooms', function (Blueprint $table) {
            $table->timestamp('archived_at')->nullable();
        });
        Schema::create('classroom_instructor', function (Blueprint $table) {
            $table->foreignId('classroom_id')->constrained()->cascadeOnDelete();
            $table->foreignId('instructor_id')->constrained('users')->cascadeOnDelete();
            $table->primary(['classroom_id', 'instructor_id']);
        });
        Schema::table('classroom_trainee', function (Blueprint $table) {
            $table->timestamp('left_at')->nullable()->comment('since when they are out of the class; what they did in it stays');
        });
        Schema::table('attempts', function (Blueprint $table) {
            $table->unsignedSmallInteger('extra_percent')->default(0)->comment('extra time, as it was when the work was begun');
            $table->unsignedInteger('bare_from')->default(0)->comment('step after which the board is wired again from bare');
            $table->boolean('is_time_up')->default(false)->comment('handed in as it stood when the time was up');
            $table->timestamp('refused_at')->nullable()->comment('when five landings in a row were refused');
        });
        Schema::table('board_files', function (Blueprint $table) {
            $table->timestamp('archived_at')->nullable();
            $table->string('scheme')->nullable()->comment('way of wiring of the preferred plan; empty: none; null: not looked yet');
            $table->unsignedInteger('scheme_of')->nullable()->comment('version that the scheme is of');
            $table->softDeletes();
        });
        Schema::table('as_found_sheets', function (Blueprint $table) {
            $table->unsignedSmallInteger('number')->default(1)->comment('of the board, where several hang of one drawing');
            $table->dropUnique(['board_file_id', 'instructor_id']);
            $table->unique(['board_file_id', 'instructor_id', 'number']);
        });
        Schema::create('board_file_instructor', function (Blueprint $table) {
            $table->foreignId('board_file_id')->constrained()->cascadeOnDelete();
            $table->foreignId('instructor_id')->constrained('users')->cascadeOnDelete();
            $table->primary(['board_file_id', 'instructor_id']);
        });
        Schema::table('assignments', function (Blueprint $table) {
            $table->foreignId('classroom_id')->nullable()->comment('null: an instructor tries a board')->change();
        });
    }
};
