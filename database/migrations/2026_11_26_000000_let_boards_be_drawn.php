<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('board_files', function (Blueprint $table) {
            $table->unsignedInteger('version')->default(1)->comment('counts the saves of a drawing');
            $table->foreignId('frozen_of')
                ->nullable()
                ->constrained('board_files')
                ->comment('an earlier version, kept for what was set with it');
        });
    }
};
