<?php

declare(strict_types=1);

/*
 * How long does finding a dog take among many? php benchmarks/search.php [dogs]
 * A database of its own, with invented names; each search 30 times, against a bare `select 1` of the same run.
 */

use App\Clients\NameIndex;
use App\Models\Dog;
use Carbon\CarbonImmutable;
use Database\Demo\DemoIds;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

$file = dirname(__DIR__).'/.cache/bench-search.sqlite';
@unlink($file);
touch($file);
putenv("DB_DATABASE={$file}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $file;
require __DIR__.'/../vendor/autoload.php';
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$count = (int) ($argv[1] ?? 20_000);
$random = new Randomizer(new Mt19937(3));
$ids = new DemoIds($random);
$now = CarbonImmutable::now();
$syllables = [
    'bra', 'ken', 'lo', 'mi', 'ster', 'wen', 'dal', 'ru', 'fi', 'gor', 'tha',
    'sel', 'nor', 'vik', 'pem', 'qui', 'zo', 'har', 'jun', 'ost',
];
$name = fn(int $parts): string => ucfirst(implode('', array_map(fn(): string => $syllables[$random->getInt(0, 19)], range(1, $parts))));
$clients = $dogs = [];
for ($number = 0; $number < $count; $number++) {
    $clients[] = ['id' => $ids->next($now), 'name' => $name(2).' '.$name(3), 'phone' => sprintf('0555 %06d', $number * 37 % 1_000_000)];
    $dogs[] = [
        'id' => $ids->next($now), 'client_id' => $clients[$number]['id'], 'name' => $name($random->getInt(2, 3)),
        'breed' => 'Invented', 'sex' => 'female',
        'born_on' => '2023-01-01', 'coat' => 'mixed', 'coat_mm' => 40, 'section_mm' => '[]',
        'weight_kg' => 12, 'temperament' => 'easy', 'health' => '[]',
    ];
}
DB::transaction(function () use ($clients, $dogs): void {
    foreach (array_chunk($clients, 500) as $rows) {
        DB::table('clients')->insert($rows);
    }
    foreach (array_chunk($dogs, 500) as $rows) {
        DB::table('dogs')->insert($rows);
    }
    (new NameIndex)->rebuild();
});
DB::statement('ANALYZE');

$measured = function (Closure $run): array {
    $times = [];
    for ($turn = 0; $turn < 30; $turn++) {
        $start = hrtime(true);
        $run();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[15], $times[28]];
};
$find = function (string $text): int {
    $dogs = Dog::forCard();
    NameIndex::narrow($dogs, 'dog_id', $text);

    return count($dogs->orderBy('name')->orderBy('id')->simplePaginate(20)->items());
};
[$bare] = $measured(fn() => DB::select('select 1'));
$wanted = $dogs[intdiv($count, 2)];
$owner = $clients[intdiv($count, 2)];
$wrong = substr_replace($wanted['name'], 'x', 2, 1);
printf("%d dogs, %d rows of names; bare query %.3f ms\n\n", $count, DB::table('name_words')->count(), $bare);
printf("%-34s %8s %8s %10s %6s\n", 'search', 'p50 ms', 'p95 ms', 'p50 / bare', 'found');
foreach ([
    'a name' => $wanted['name'],
    'three letters' => substr($wanted['name'], 0, 3),
    'dog and client' => $wanted['name'].' '.explode(' ', $owner['name'])[1],
    'the end of a telephone number' => substr($owner['phone'], -4),
    'a name with a typing error' => $wrong,
    'a typing error and a client' => $wrong.' '.explode(' ', $owner['name'])[1],
    'nobody' => 'Xxyzzyqqw',
    'everything' => '',
] as $what => $text) {
    [$half, $most] = $measured(fn(): int => $find($text));
    printf("%-34s %8.1f %8.1f %10.0f %6d\n", $what, $half, $most, $half / $bare, $find($text));
}
@unlink($file);
