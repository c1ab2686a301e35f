<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What nobody has answered yet, with what a table's own words propose: `{"temperament": "mouthy", "health": ["seizures"]}`.
        Schema::table('dogs', fn(Blueprint $table) => $table->text('to_ask')->nullable());
        // Dogs read in before were taken for easy and healthy: those that nobody has worked with are asked too.
        DB::table('dogs')->where('version', 0)
            ->whereIn('id', DB::table('imported')->where('kind', 'dog')->select('of'))
            ->update(['to_ask' => '{"temperament":null,"health":[]}']);
    }

    public function down(): void
    {
        Schema::table('dogs', fn(Blueprint $table) => $table->dropColumn('to_ask'));
    }
};
