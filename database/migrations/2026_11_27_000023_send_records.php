<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The record of a visit that a client may open by link, until it expires or is withdrawn.
        Schema::create('sheet_links', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('visit_id')->constrained();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('created_at');
            $table->timestamp('expires_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->index(['visit_id', 'created_at']);
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('sheet_links');
    }
};
