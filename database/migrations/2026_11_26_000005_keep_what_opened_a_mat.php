<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('section_times', function (Blueprint $table): void {
            $table->string('opened_with', 10)->nullable();
        });
    }
};
