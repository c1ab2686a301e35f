<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What an owner was asked to brush at home, exactly as their page shows it.
        Schema::create('owner_plans', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dog_id')->constrained();
            $table->foreignUlid('visit_id')->constrained();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->json('shown');
            $table->timestamp('created_at');
            $table->timestamp('expires_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->index(['dog_id', 'created_at']);
            $table->index('visit_id');
        });

        // As told by the owner: a place was brushed on a day.
        Schema::create('owner_ticks', function (Blueprint $table): void {
            $table->foreignUlid('owner_plan_id')->constrained();
            $table->string('place', 20);
            $table->date('day');
            $table->timestamp('told_at');
            $table->primary(['owner_plan_id', 'place', 'day']);
        });
    }

    public function down(): void
    {
        Schema::drop('owner_ticks');
        Schema::drop('owner_plans');
    }
};
