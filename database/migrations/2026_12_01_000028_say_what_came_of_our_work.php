<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Noted once hands had begun at the table: redness that came of the work rests three days, other redness until it is closed.
        Schema::table('findings', fn(Blueprint $table) => $table->boolean('from_work')->default(false));
    }

    public function down(): void
    {
        Schema::table('findings', fn(Blueprint $table) => $table->dropColumn('from_work'));
    }
};
