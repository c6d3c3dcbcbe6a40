<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drills', function (Blueprint $table) {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->string('practice', 8);
            $table->string('seed', 64)->comment('what is hidden follows from it: it never leaves the server');
            $table->text('measured')->comment('measurements, in the order in which they were made');
            $table->text('answers')->nullable();
            $table->timestamp('started_at', 3);
            $table->timestamp('ended_at', 3)->nullable();
            $table->unsignedTinyInteger('points')->nullable();
            $table->unsignedSmallInteger('used')->nullable();
            $table->unsignedSmallInteger('best')->nullable()->comment('readings of the shortest way');
            $table->index(['user_id', 'kind', 'ended_at']);
        });
    }
};
