<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('confirmed_mistakes', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->foreignId('board_file_id')->constrained();
            $table->string('kind', 40);
            $table->string('at', 300)->comment('points or the device that it was about');
            $table->timestamp('found_at');
            $table->index(['instructor_id', 'kind']);
        });
    }
};
