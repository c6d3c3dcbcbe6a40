<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The migration before this one was added to after it had been shipped: what it may have left out is made good here.
        if (! Schema::hasColumn('attempts', 'start_json')) {
            Schema::table('attempts', function (Blueprint $table) {
                $table->text('start_json')->nullable()->comment('steps that stood already when it was set');
            });
        }

        Schema::table('attempts', function (Blueprint $table) {
            $table->timestamp('finished_at')->nullable()->comment('since when the trainee takes no further try at an exam');
        });
    }
};
