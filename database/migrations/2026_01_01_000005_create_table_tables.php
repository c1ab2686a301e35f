<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A projection of table marks: how long each finished section took against its uncorrected forecast.
        Schema::create('section_times', function (Blueprint $table): void {
            $table->foreignUlid('visit_id')->constrained();
            $table->string('section', 20);
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('coat', 20);
            $table->string('treatment', 12);
            $table->float('forecast_minutes');
            $table->float('minutes');
            $table->double('log_ratio');
            $table->timestamp('finished_at', 3);
            $table->primary(['visit_id', 'section']);
            $table->index(['staff_id', 'coat', 'finished_at']);
        });

        // What follows from them for a groomer and a kind of coat; written when one of the times changes.
        Schema::create('groomer_clocks', function (Blueprint $table): void {
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('coat', 20);
            $table->unsignedInteger('sections');
            $table->double('log_sum');
            $table->json('section_ratios');
            $table->json('visit_ratios');
            $table->primary(['staff_id', 'coat']);
        });

        // What the day's list needs of a visit, so that it reads no marks.
        Schema::table('visits', function (Blueprint $table): void {
            $table->json('day_facts')->nullable();
        });

        // A bath gate lapses at midnight: a picture of yesterday is made anew. They show more than before, too.
        Schema::table('visit_pictures', function (Blueprint $table): void {
            $table->date('made_on')->nullable();
        });
        DB::table('visit_pictures')->delete();
    }
};
