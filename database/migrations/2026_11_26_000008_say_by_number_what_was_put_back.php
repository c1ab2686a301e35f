<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('house_rules', function (Blueprint $table): void {
            $table->unsignedInteger('put_back')->nullable();
        });
        // Sentences that the application wrote itself, in English: it says them when they are read now.
        DB::table('house_rules')->where('version', 1)->where('note', 'Starting values')->update(['note' => null]);
        foreach (DB::table('house_rules')->where('note', 'like', 'Version % put back')->get(['version', 'note']) as $row) {
            DB::table('house_rules')->where('version', $row->version)->update(['put_back' => (int) substr($row->note, 8), 'note' => null]);
        }
    }
};
