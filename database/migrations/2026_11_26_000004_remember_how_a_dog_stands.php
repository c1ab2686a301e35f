<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('dogs', function (Blueprint $table): void {
            $table->float('stands_minutes')->nullable();
            $table->boolean('lies_down')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('dogs', fn(Blueprint $table) => $table->dropColumn(['stands_minutes', 'lies_down']));
    }
};
