<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('staff', function (Blueprint $table): void {
            // Single letters, figures and signs are keys, unless the person would rather not.
            $table->boolean('letter_keys')->default(true);
        });
    }
};
