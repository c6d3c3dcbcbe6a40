<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('proofs', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->text('state')->comment('how supply, switches, lamps and instruments stand');
            $table->unsignedInteger('acts_count')->default(0);
            $table->timestamp('ended_at')->nullable()->comment('since when the test was begun afresh: kept, and counted no more');
            $table->timestamps();
            $table->index(['attempt_id', 'ended_at']);
        });
        Schema::create('proof_acts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('proof_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('key', 48)->comment('of the device: what comes twice is done once');
            $table->text('act')->comment('what was done, what came of it, how the board stood after it');
            $table->timestamp('at', 3);
            $table->unique(['proof_id', 'number']);
            $table->unique(['proof_id', 'key']);
        });
    }
};
