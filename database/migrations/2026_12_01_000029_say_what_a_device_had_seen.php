<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // So many marks of the visit its device had: what was answered there without sight of one another is asked. Null: it is not known.
        Schema::table('marks', fn(Blueprint $table) => $table->unsignedInteger('seen')->nullable());
    }

    public function down(): void
    {
        Schema::table('marks', fn(Blueprint $table) => $table->dropColumn('seen'));
    }
};
