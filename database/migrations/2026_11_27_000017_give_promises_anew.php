<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // `promised_at` is what stands now; what was said on arrival stays beside it.
        Schema::table('visits', fn(Blueprint $table) => $table->timestamp('first_promised_at')->nullable());
        DB::table('visits')->update(['first_promised_at' => DB::raw('promised_at')]);
    }

    public function down(): void
    {
        Schema::table('visits', fn(Blueprint $table) => $table->dropColumn('first_promised_at'));
    }
};
