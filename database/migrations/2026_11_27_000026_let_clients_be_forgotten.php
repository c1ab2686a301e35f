<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('clients', fn(Blueprint $table) => $table->timestamp('erased_at')->nullable());

        // Who asked to be forgotten, by number alone: a backup of before that is put back forgets them again.
        Schema::create('erasures', function (Blueprint $table): void {
            $table->ulid('client_id')->primary();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('at');
            $table->index('staff_id');
        });

        // How long photos and messages are kept; nothing here is ever altered, the latest counts.
        Schema::create('retention_rules', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedSmallInteger('photos_months')->nullable();
            $table->unsignedSmallInteger('messages_months')->nullable();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('created_at', 3);
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('retention_rules');
        Schema::drop('erasures');
        Schema::table('clients', fn(Blueprint $table) => $table->dropColumn('erased_at'));
    }
};
