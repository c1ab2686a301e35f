<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What was noted before there were spots was meant for the whole place.
        Schema::table('findings', function (Blueprint $table): void {
            $table->boolean('spot')->default(false);
        });
        // The projection only: the marks keep the word they were written with, and are read by it.
        DB::table('findings')->where('kind', 'parasites')->update(['kind' => 'mites_or_lice']);
    }
};
