<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sightings', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('by')->constrained('users');
            $table->longText('seen')->comment('what was told of the board on the wall');
            $table->timestamps();
        });
        Schema::table('confirmed_mistakes', function (Blueprint $table) {
            $table->foreignId('classroom_id')->nullable()->index()->constrained();
            $table->foreignId('attempt_id')->nullable()->index()->constrained()->cascadeOnDelete();
        });
        Schema::create('photographs', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->string('box', 32);
            $table->foreignId('by')->constrained('users');
            $table->longText('jpeg')->comment('in base 64');
            $table->timestamps();
            $table->index(['attempt_id', 'box']);
        });
    }
};
