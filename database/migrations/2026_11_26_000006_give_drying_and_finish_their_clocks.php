<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Drying and finish stand among the sections' times under their own name.
        Schema::table('section_times', function (Blueprint $table): void {
            $table->string('work', 10)->default('table');
            $table->dropIndex(['staff_id', 'coat', 'finished_at']);
            $table->index(['staff_id', 'coat', 'work', 'finished_at']);
        });
        Schema::rename('section_times', 'work_times');

        Schema::create('work_clocks', function (Blueprint $table): void {
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('coat', 20);
            $table->string('work', 10);
            $table->unsignedInteger('count');
            $table->double('log_sum');
            $table->json('ratios');
            $table->json('visit_ratios');
            $table->primary(['staff_id', 'coat', 'work']);
        });
        DB::statement(
            'insert into work_clocks (staff_id, coat, work, count, log_sum, ratios, visit_ratios)
            select staff_id, coat, \'table\', sections, log_sum, section_ratios, visit_ratios from groomer_clocks',
        );
        Schema::drop('groomer_clocks');
    }
};
