<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // As the acts make it stand: written with each act, and anew by `visits:rebuild`.
        Schema::create('appointments', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dog_id')->constrained();
            $table->string('state', 12);
            $table->string('service', 20);
            $table->foreignUlid('groomer_id')->nullable()->constrained('staff');
            $table->timestamp('starts_at')->nullable();
            $table->timestamp('promised_at')->nullable();
            $table->foreignUlid('visit_id')->nullable()->constrained();
            $table->string('note', 500);
            $table->boolean('confirmed');
            $table->string('asked', 500)->nullable();
            $table->unsignedInteger('last_number');
            // What it is expected to take, and from what that was reckoned: made anew when this has changed.
            $table->json('steps')->nullable();
            $table->string('steps_from', 40)->nullable();
            $table->index(['starts_at', 'state']);
            $table->index('state');
            $table->index(['dog_id', 'starts_at']);
            $table->index('visit_id');
        });

        // What was said and done about appointments. Nothing here is ever altered.
        Schema::create('appointment_acts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('appointment_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('kind', 20);
            $table->json('fields');
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->ulid('device');
            $table->timestamp('at', 3);
            $table->timestamp('received_at', 3);
            $table->unique(['appointment_id', 'number']);
            $table->index('staff_id');
        });

        // Who works when, week by week; minutes after midnight in the salon's time zone.
        Schema::create('working_hours', function (Blueprint $table): void {
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->unsignedTinyInteger('weekday');
            $table->unsignedSmallInteger('from_minute');
            $table->unsignedSmallInteger('until_minute');
            $table->primary(['staff_id', 'weekday']);
        });

        // Holidays of the salon (nobody named) and days on which somebody is away.
        Schema::create('days_off', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->date('from_day');
            $table->date('until_day');
            $table->string('reason', 100);
            $table->index(['from_day', 'until_day']);
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('days_off');
        Schema::drop('working_hours');
        Schema::drop('appointment_acts');
        Schema::drop('appointments');
    }
};
