<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What was put to a client by link: exactly what the page shows, written once.
        Schema::create('client_links', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('visit_id')->constrained();
            $table->ulid('plan_id');
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->json('shown');
            $table->timestamp('created_at');
            $table->timestamp('expires_at');
            $table->timestamp('opened_at')->nullable();
            $table->timestamp('settled_at')->nullable();
            $table->string('settled_with', 10)->nullable();
            $table->index('visit_id');
        });

        // Messages to clients. A stand-in shows them; a real sender would take them from here.
        Schema::create('messages', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('client_link_id')->constrained();
            $table->string('to_name', 120);
            $table->string('to_phone', 40)->nullable();
            $table->string('text', 500);
            $table->string('url', 500);
            $table->timestamp('created_at');
            $table->index('created_at');
        });
    }
};
