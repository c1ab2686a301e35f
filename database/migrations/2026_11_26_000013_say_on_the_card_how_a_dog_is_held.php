<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('dogs', function (Blueprint $table): void {
            $table->string('on_the_back', 10)->nullable();
            $table->string('release_word', 40)->nullable();
            $table->boolean('chin_hold')->nullable();
            $table->string('kinks', 120)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('dogs', fn(Blueprint $table) => $table->dropColumn(['on_the_back', 'release_word', 'chin_hold', 'kinks']));
    }
};
