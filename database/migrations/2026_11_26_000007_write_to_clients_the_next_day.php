<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A message that asks nothing has no link; one that waits for its time says when.
        Schema::table('messages', function (Blueprint $table): void {
            $table->ulid('client_link_id')->nullable()->change();
            $table->string('url', 500)->nullable()->change();
            $table->foreignUlid('visit_id')->nullable()->constrained();
            $table->timestamp('due_at')->nullable();
            $table->index('visit_id');
        });
    }
};
