<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('clients', fn(Blueprint $table) => $table->string('email', 254)->nullable());

        Schema::table('messages', function (Blueprint $table): void {
            $table->string('kind', 20)->nullable();
            $table->string('to_email', 254)->nullable();
            $table->text('calendar')->nullable();
            $table->timestamp('sent_at')->nullable();
            $table->string('sent_by', 10)->nullable();
            $table->timestamp('tried_at')->nullable();
            $table->unsignedTinyInteger('tries')->default(0);
            $table->string('problem', 20)->nullable();
            $table->index(['sent_at', 'due_at']);
        });
        // What was due has been on the stand-in's phones.
        DB::table('messages')
            ->where(fn($gone) => $gone->whereNull('due_at')->orWhere('due_at', '<=', now()))
            ->update(['sent_at' => DB::raw('coalesce(due_at, created_at)'), 'sent_by' => 'phone', 'tries' => 1]);

        // The owner's own words; nothing here is ever altered, the latest of a kind and language counts.
        Schema::create('message_texts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind', 20);
            $table->string('language', 2);
            $table->string('text', 1000)->nullable();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('created_at', 3);
            $table->index(['kind', 'language', 'id']);
            $table->index('staff_id');
        });
    }

    public function down(): void
    {
        Schema::drop('message_texts');
        Schema::table('messages', function (Blueprint $table): void {
            $table->dropIndex(['sent_at', 'due_at']);
            $table->dropColumn(['kind', 'to_email', 'calendar', 'sent_at', 'sent_by', 'tried_at', 'tries', 'problem']);
        });
        Schema::table('clients', fn(Blueprint $table) => $table->dropColumn('email'));
    }
};
