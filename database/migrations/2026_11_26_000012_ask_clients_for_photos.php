<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Null: not asked yet.
        Schema::table('clients', fn(Blueprint $table) => $table->boolean('photos_allowed')->nullable());
    }

    public function down(): void
    {
        Schema::table('clients', fn(Blueprint $table) => $table->dropColumn('photos_allowed'));
    }
};
