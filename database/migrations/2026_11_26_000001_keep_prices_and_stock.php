<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stock_lines', function (Blueprint $table) {
            $table->id();
            $table->foreignId('instructor_id')->constrained('users');
            $table->string('practice', 2);
            $table->string('part', 120)->comment('key of a line of the materials list');
            $table->unsignedBigInteger('price_cents')->nullable()->comment('of a piece, a foot or a metre');
            $table->double('held')->nullable()->comment('pieces, feet or metres on the shelf');
            $table->timestamps();
            $table->unique(['instructor_id', 'practice', 'part']);
        });
    }
};
