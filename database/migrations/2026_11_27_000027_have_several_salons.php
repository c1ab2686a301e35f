<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the first salon's database keeps for all of them: in the others these stay empty. */
return new class extends Migration {
    public function up(): void
    {
        // Empty as long as there is but one.
        Schema::create('salons', function (Blueprint $table): void {
            $table->string('salon', 30)->primary();
            $table->string('name', 120);
            $table->timestamp('added_at', 3);
        });

        // Who may compare the salons: an owner of one of them.
        Schema::create('chain_owners', function (Blueprint $table): void {
            $table->string('salon', 30);
            $table->ulid('staff_id');
            $table->timestamp('since');
            $table->primary(['salon', 'staff_id']);
        });

        // For several application servers, which share no files.
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        array_map(Schema::drop(...), ['cache_locks', 'cache', 'sessions', 'chain_owners', 'salons']);
    }
};
