<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A projection of grade marks: where a groomer's grade in force differs from the rule's.
        Schema::create('grade_differences', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('visit_id')->constrained();
            $table->string('section', 20);
            $table->unsignedTinyInteger('rule_grade');
            $table->string('rule', 30);
            $table->unsignedTinyInteger('own_grade');
            $table->string('reason', 500);
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('judged_at', 3);
            $table->index(['judged_at', 'id']);
            $table->index('visit_id');
        });

        // A projection of photo marks; the pictures are files under the id.
        Schema::create('photos', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dog_id')->constrained();
            $table->foreignUlid('visit_id')->constrained();
            $table->string('section', 20)->nullable();
            $table->ulid('finding_id')->nullable();
            $table->string('moment', 10);
            $table->unsignedSmallInteger('width_px');
            $table->unsignedSmallInteger('height_px');
            $table->timestamp('taken_at', 3);
            $table->foreignUlid('staff_id')->constrained('staff');
            $table->timestamp('deleted_at', 3)->nullable();
            $table->foreignUlid('deleted_by')->nullable()->constrained('staff');
            $table->string('deleted_because', 500)->nullable();
            $table->index(['visit_id', 'taken_at']);
            $table->index(['dog_id', 'finding_id']);
        });

        // The pictures of visits show more than before: made anew when asked for.
        DB::table('visit_pictures')->delete();
    }
};
