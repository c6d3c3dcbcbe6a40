<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table) {
            $table->text('second_factor')->nullable()->comment('secret of one-time codes, encrypted; null: none is asked for');
            $table->unsignedBigInteger('second_factor_step')->default(0)->comment('the newest one that was used');
            $table->unsignedInteger('epoch')->default(0)->comment('sessions of an earlier one are over');
        });
    }
};
