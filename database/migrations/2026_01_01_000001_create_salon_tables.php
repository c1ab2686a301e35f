<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('staff', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 60)->unique();
            $table->string('role', 20);
            $table->string('password');
            $table->boolean('active')->default(true);
            $table->timestamps();
        });

        Schema::create('clients', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120)->index();
            $table->string('phone', 40)->nullable();
            $table->timestamps();
        });

        Schema::create('dogs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('client_id')->constrained();
            $table->string('name', 60)->index();
            $table->string('breed', 80);
            $table->string('sex', 10);
            $table->boolean('entire')->default(false);
            $table->date('born_on');
            $table->string('coat', 20);
            $table->boolean('primitive')->default(false);
            $table->float('coat_mm');
            $table->json('section_mm');
            $table->float('weight_kg');
            $table->string('temperament', 20);
            $table->json('health');
            $table->string('mind', 200)->nullable();
            $table->timestamps();
        });

        Schema::create('house_rules', function (Blueprint $table): void {
            $table->unsignedInteger('version')->primary();
            $table->json('rules');
            $table->foreignUlid('staff_id')->nullable()->constrained('staff');
            $table->string('note', 200)->nullable();
            $table->timestamp('created_at');
        });
    }
};
