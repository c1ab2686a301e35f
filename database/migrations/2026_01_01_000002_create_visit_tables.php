<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // From `stage` on: a projection of the visit's marks, rebuilt by `visits:rebuild`.
        Schema::create('visits', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dog_id')->constrained();
            $table->unsignedInteger('house_rules_version');
            $table->foreign('house_rules_version')->references('version')->on('house_rules');
            $table->date('day');
            $table->timestamp('arrived_at');
            $table->timestamp('promised_at')->nullable();
            $table->string('stage', 20)->default('arrived');
            $table->foreignUlid('groomer_id')->nullable()->constrained('staff');
            $table->string('grades', 30);
            $table->unsignedTinyInteger('to_check');
            $table->unsignedTinyInteger('undecided');
            $table->float('mat_load');
            $table->float('table_minutes');
            $table->float('tension');
            $table->float('tolerance');
            $table->unsignedBigInteger('last_number')->default(0);
            $table->timestamp('last_mark_at')->nullable();
            $table->timestamp('closed_at')->nullable();
            $table->index(['day', 'arrived_at']);
            $table->index(['dog_id', 'arrived_at']);
            $table->index(['closed_at', 'day']);
        });

        // Append-only. `number` is the order of arrival; `id` is made by the device, so that sending twice stores once.
        Schema::create('marks', function (Blueprint $table): void {
            $table->id('number');
            $table->ulid('id')->unique();
            $table->foreignUlid('visit_id')->constrained();
            $table->string('kind', 30);
            $table->string('section', 20)->nullable();
            $table->timestamp('at', 3);
            $table->timestamp('received_at', 3);
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('device', 26);
            $table->json('payload');
            $table->index(['visit_id', 'number']);
        });

        // A projection of finding marks, across a dog's visits: what is open until closed.
        Schema::create('findings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dog_id')->constrained();
            $table->foreignUlid('visit_id')->constrained();
            $table->string('section', 20);
            $table->string('kind', 20);
            $table->string('note', 500)->nullable();
            $table->float('size_mm')->nullable();
            $table->timestamp('noted_at', 3);
            $table->string('noted_by', 60);
            $table->timestamp('closed_at', 3)->nullable();
            $table->ulid('closed_by_mark')->nullable();
            $table->index(['dog_id', 'closed_at']);
            $table->index('visit_id');
        });

        // What the screens draw of a visit, worked out when a mark was taken; good for exactly that number of marks.
        Schema::create('visit_pictures', function (Blueprint $table): void {
            $table->foreignUlid('visit_id')->primary()->constrained();
            $table->unsignedBigInteger('number');
            $table->longText('picture');
        });

        // The judgement that was put to a client, with everything it was made from.
        Schema::create('shown_plans', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('visit_id')->constrained();
            $table->json('coat_case');
            $table->json('choices');
            $table->json('totals');
            $table->unsignedInteger('house_rules_version');
            $table->string('core_version', 20);
            $table->timestamp('created_at');
            $table->index('visit_id');
        });
    }
};
