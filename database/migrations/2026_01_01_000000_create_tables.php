<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->string('username')->unique();
            $table->string('role');
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('classrooms', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->string('name');
            $table->timestamps();
        });

        Schema::create('classroom_trainee', function (Blueprint $table) {
            $table->foreignId('classroom_id')->constrained()->cascadeOnDelete();
            $table->foreignId('trainee_id')->constrained('users')->cascadeOnDelete();
            $table->primary(['classroom_id', 'trainee_id']);
        });

        Schema::create('board_files', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->nullable()->constrained('users');
            $table->string('title');
            $table->string('practice');
            $table->text('brief')->default('');
            $table->text('json');
            $table->timestamps();
        });

        Schema::create('assignments', function (Blueprint $table) {
            $table->id();
            $table->foreignId('classroom_id')->constrained();
            $table->foreignId('board_file_id')->constrained();
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->timestamps();
        });

        Schema::create('attempts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('assignment_id')->constrained();
            $table->foreignId('trainee_id')->constrained('users');
            $table->unsignedInteger('head')->default(0)->comment('sequence number of the newest step');
            $table->timestamp('started_at')->nullable();
            $table->timestamp('handed_in_at')->nullable();
            $table->string('verdict')->nullable();
            $table->text('headline')->nullable();
            $table->timestamps();
            $table->unique(['assignment_id', 'trainee_id']);
        });

        Schema::create('steps', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->string('device', 40);
            $table->unsignedInteger('number')->comment('counted by the device');
            $table->unsignedInteger('sequence')->nullable()->comment('counted by the server; null for a step set aside');
            $table->string('set_aside')->nullable()->comment('why it was not applied');
            $table->text('json');
            $table->timestamp('made_at', 3)->comment('by the device');
            $table->timestamp('received_at', 3);
            $table->unique(['attempt_id', 'device', 'number']);
            $table->unique(['attempt_id', 'sequence']);
        });
    }
};
