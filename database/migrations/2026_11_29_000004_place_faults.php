<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('placed_faults', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained()->cascadeOnDelete();
            $table->longText('wiring_json')->comment('the board wired right');
            $table->text('mistakes')->comment('ids of what was put wrong');
            $table->unsignedSmallInteger('looks')->comment('that the shortest search takes');
            $table->timestamps();
        });
    }
};
