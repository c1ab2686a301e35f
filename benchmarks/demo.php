<?php

declare(strict_types=1);

/** The application over the demo's database, as `bin/demo` leaves it, or another that DB_DATABASE names. */
use Illuminate\Contracts\Console\Kernel;

require_once __DIR__.'/../vendor/autoload.php';
$database = getenv('DB_DATABASE') ?: dirname(__DIR__).'/database/demo.sqlite';
if (! is_file($database)) {
    fwrite(STDERR, "There is no demo salon at {$database}: run bin/demo first.\n");
    exit(1);
}
putenv("DB_DATABASE={$database}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $database;
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();
