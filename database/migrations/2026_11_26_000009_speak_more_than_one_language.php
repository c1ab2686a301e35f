<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Null: as the salon speaks.
        foreach (['staff', 'clients'] as $people) {
            Schema::table($people, function (Blueprint $table): void {
                $table->string('language', 2)->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (['staff', 'clients'] as $people) {
            Schema::table($people, function (Blueprint $table): void {
                $table->dropColumn('language');
            });
        }
    }
};
