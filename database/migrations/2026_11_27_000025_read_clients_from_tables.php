<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Clients and dogs that were read from a table, so that it can be undone as long as nobody worked with them.
        Schema::create('imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->string('file_name', 200);
            $table->unsignedInteger('rows');
            $table->unsignedInteger('done')->default(0);
            $table->timestamp('created_at');
            $table->timestamp('undone_at')->nullable();
            $table->index('staff_id');
        });
        Schema::create('imported', function (Blueprint $table): void {
            $table->foreignUlid('import_id')->constrained('imports');
            $table->string('kind', 10);
            $table->ulid('of');
            $table->primary(['import_id', 'kind', 'of']);
        });
    }

    public function down(): void
    {
        Schema::drop('imported');
        Schema::drop('imports');
    }
};
