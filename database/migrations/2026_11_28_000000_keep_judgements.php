<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('judgements', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained();
            $table->unsignedSmallInteger('try')->comment('hand-in that it judges');
            $table->string('origin', 10)->comment('hand-in, upgrade or re-mark');
            $table->unsignedInteger('rules');
            $table->unsignedInteger('engine');
            $table->string('verdict', 10)->nullable()->comment('null where it could not be judged');
            $table->text('headline');
            $table->mediumText('page')->nullable()->comment('verdict as it was told; null for answers');
            $table->text('mark')->nullable()->comment('null without a task');
            $table->text('debrief')->nullable();
            $table->text('stood')->nullable()->comment(
                'verdict and headline kept at the hand-in, where an upgrade would judge otherwise and nobody has decided yet',
            );
            $table->timestamp('created_at');
            $table->index(['attempt_id', 'id']);
        });

        Schema::table('attempts', function (Blueprint $table) {
            $table->foreignId('judgement_id')->nullable()->constrained()->comment('that counts; earlier ones stay in the list');
            $table->unsignedInteger('version')->default(0)->comment('counts the changes');
            $table->unsignedSmallInteger('placed')->nullable()->comment('ends placed, or questions answered; null: not counted yet');
            $table->unsignedSmallInteger('ends')->nullable()->comment('ends to place, or questions asked');
        });
    }
};
