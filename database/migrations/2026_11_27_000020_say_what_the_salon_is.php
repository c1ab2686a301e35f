<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What the salon says of itself, as it was from some day on; and whether this database is the made-up one.
        Schema::create('salon_versions', function (Blueprint $table): void {
            $table->unsignedInteger('version')->primary();
            $table->boolean('is_demo');
            $table->json('says');
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->timestamp('created_at');
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('salon_versions');
    }
};
