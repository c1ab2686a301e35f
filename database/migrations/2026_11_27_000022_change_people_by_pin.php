<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('staff', fn(Blueprint $table) => $table->string('pin')->nullable());

        // Tablets of the salon on which people change by PIN; what a tablet shows is kept as a hash only.
        Schema::create('shared_tablets', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('token_hash', 64)->unique();
            $table->foreignUlid('opened_by')->constrained('staff');
            $table->timestamp('opened_at');
            $table->timestamp('closed_at')->nullable();
            $table->index('opened_by');
        });
    }

    public function down(): void
    {
        Schema::drop('shared_tablets');
        Schema::table('staff', fn(Blueprint $table) => $table->dropColumn('pin'));
    }
};
