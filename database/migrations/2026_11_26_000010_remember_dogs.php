<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('visits', fn(Blueprint $table) => $table->json('memory')->nullable());
        Schema::table('dogs', fn(Blueprint $table) => $table->float('natural_mm')->nullable());

        // When the salon last had a section combed to the skin, or clipped it.
        Schema::create('combed_out', function (Blueprint $table): void {
            $table->foreignUlid('dog_id')->constrained();
            $table->string('section', 20);
            $table->timestamp('at', 3);
            $table->primary(['dog_id', 'section']);
        });

        Schema::create('dog_memories', function (Blueprint $table): void {
            $table->foreignUlid('dog_id')->primary()->constrained();
            $table->string('revision', 64);
            $table->longText('report');
        });
    }

    public function down(): void
    {
        Schema::drop('dog_memories');
        Schema::drop('combed_out');
        Schema::table('dogs', fn(Blueprint $table) => $table->dropColumn('natural_mm'));
        Schema::table('visits', fn(Blueprint $table) => $table->dropColumn('memory'));
    }
};
