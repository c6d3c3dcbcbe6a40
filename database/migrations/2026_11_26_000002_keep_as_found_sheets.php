<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('as_found_sheets', function (Blueprint $table) {
            $table->id();
            $table->foreignId('board_file_id')->constrained();
            $table->foreignId('instructor_id')->constrained('users');
            $table->json('lands')->comment('point → where it lands');
            $table->json('marks')->comment('conductor end → what its tape or sleeve says');
            $table->timestamps();
            $table->unique(['board_file_id', 'instructor_id']);
        });
    }
};
