<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Whoever worked on a dog in another salon: named by its record, and never signed in here. Empty: of this salon.
        Schema::table('staff', function (Blueprint $table): void {
            $table->string('of_salon', 80)->default('');
            $table->dropUnique(['name']);
        });
        // Two salons may each have an Imke; this one has one.
        DB::statement("create unique index staff_name_here_unique on staff (name) where of_salon = ''");
    }

    public function down(): void
    {
        DB::statement('drop index staff_name_here_unique');
        Schema::table('staff', function (Blueprint $table): void {
            $table->dropColumn('of_salon');
            $table->unique(['name']);
        });
    }
};
