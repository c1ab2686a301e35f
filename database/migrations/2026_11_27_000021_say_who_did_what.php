<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Who is signed in where: seen, and ended by whoever may.
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('browser', 60);
            $table->timestamp('began_at');
            $table->timestamp('seen_at');
            $table->timestamp('ended_at')->nullable();
            $table->foreignUlid('ended_by')->nullable()->constrained('staff');
            $table->index(['staff_id', 'ended_at']);
            $table->index('ended_by');
        });

        // What was done to the house, not to a dog: never altered.
        Schema::create('house_log', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->timestamp('at');
            $table->string('kind', 30);
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->json('about');
            $table->index('at');
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('house_log');
        Schema::drop('sign_ins');
    }
};
