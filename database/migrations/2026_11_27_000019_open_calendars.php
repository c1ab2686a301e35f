<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Secret addresses under which a calendar reads the appointments; the secret itself is not kept.
        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->string('secret_hash', 64)->unique();
            $table->foreignUlid('made_by')->constrained('staff');
            $table->timestamp('created_at');
            $table->timestamp('read_at')->nullable();
            $table->timestamp('revoked_at')->nullable();
            $table->index('staff_id');
            $table->index('made_by');
        });

        // Calendars that were read in: when somebody cannot work. The next one of the same person takes its place.
        Schema::create('calendar_imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('file_name', 200);
            $table->unsignedInteger('times');
            $table->foreignUlid('made_by')->constrained('staff');
            $table->timestamp('created_at');
            $table->timestamp('removed_at')->nullable();
            $table->index(['staff_id', 'removed_at']);
            $table->index('made_by');
        });
        Schema::create('busy_times', function (Blueprint $table): void {
            $table->foreignUlid('import_id')->constrained('calendar_imports');
            $table->timestamp('starts_at');
            $table->timestamp('ends_at');
            $table->index(['ends_at', 'starts_at']);
            $table->index('import_id');
        });
    }

    public function down(): void
    {
        Schema::drop('busy_times');
        Schema::drop('calendar_imports');
        Schema::drop('calendar_feeds');
    }
};
