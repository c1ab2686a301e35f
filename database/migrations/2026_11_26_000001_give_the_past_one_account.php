<?php

declare(strict_types=1);

use App\Clients\NameIndex;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('marks', function (Blueprint $table): void {
            // What the device's clock said, where the time that counts is another.
            $table->timestamp('device_at', 3)->nullable();
            $table->index('staff_id');
        });

        Schema::table('dogs', function (Blueprint $table): void {
            $table->unsignedBigInteger('version')->default(0);
            $table->index('client_id');
        });

        Schema::table('messages', function (Blueprint $table): void {
            $table->index('client_link_id');
        });

        // A projection of names: the words of a dog's and its client's, and of a client's.
        Schema::create('name_words', function (Blueprint $table): void {
            $table->string('word', 40);
            $table->foreignUlid('dog_id')->nullable()->constrained();
            $table->foreignUlid('client_id')->nullable()->constrained();
            $table->index(['word', 'dog_id', 'client_id']);
            $table->index('dog_id');
            $table->index('client_id');
        });
        (new NameIndex)->rebuild();

        // Answers are kept by everything they were drawn from, no longer by the number of marks alone.
        Schema::drop('visit_pictures');
        Schema::create('visit_answers', function (Blueprint $table): void {
            $table->foreignUlid('visit_id')->primary()->constrained();
            $table->string('revision', 64);
            $table->longText('answer');
        });
    }
};
