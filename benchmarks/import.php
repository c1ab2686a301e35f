<?php

declare(strict_types=1);

use App\Models\Staff;
use App\Salon\Salon;
use App\Transfer\Import\ColumnGuess;
use App\Transfer\Import\CsvTable;
use App\Transfer\Import\ImportDesk;
use App\Transfer\Import\ImportWay;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Reads a made-up table in as the screen does, step by step, twice: the second time among those that the first brought. */


require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$rows = (int) ($argv[1] ?? 5000);
$csv = fn(string $of): string => "Owner;First name;Mobile;E-Mail;Dog;Breed;Sex;Born;Weight;Notes\n".implode('', array_map(
    fn(int $at): string => "{$of} ".dechex($at * 7919).";Robin;0555 {$of}".(100_000 + $at).';r'.$of.$at.'@example.org;Dog '.dechex($at * 104_729)
        .';'.['Poodle', 'Samoyed', 'Border Terrier', 'Whippet', 'Crossbreed'][$at % 5].';'.['f', 'm'][$at % 2].';'.(1 + $at % 28).'.'.(1 + $at % 12).'.'.(2014 + $at % 11)
        .';'.(4 + $at % 40).",5 kg;Some words about it\n",
    range(1, $rows),
));
$desk = $app->make(ImportDesk::class);
$read = function (string $of) use ($csv, $desk): array {
    $start = hrtime(true);
    $table = CsvTable::read($csv($of));
    $way = new ImportWay(ColumnGuess::of($table), null, false, ImportWay::usual(), Salon::fromConfig());
    $parsed = hrtime(true);
    $run = $desk->dryRun($table, $way);
    $dry = hrtime(true);
    $id = (string) Str::ulid();
    $desk->begin($id, 'made up', count($table->rows), Staff::query()->firstOrFail());
    $longest = 0;
    do {
        $begun = hrtime(true);
        $step = $desk->step($id, CsvTable::read($csv($of)), $way);
        $longest = max($longest, hrtime(true) - $begun);
    } while ($step['done'] < $step['rows']);

    return [$parsed - $start, $dry - $parsed, hrtime(true) - $dry, $longest, $run['newDogs']];
};
$bare = hrtime(true);
DB::transaction(function () use ($rows): void {
    DB::statement('create table bare (id text primary key, a text, b text, c text, d text)');
    foreach (array_chunk(range(1, 2 * $rows), 100) as $some) {
        DB::table('bare')->insert(array_map(fn(int $at): array => ['id' => (string) Str::ulid(), 'a' => 'x', 'b' => 'y', 'c' => 'z', 'd' => (string) $at], $some));
    }
});
$bare = hrtime(true) - $bare;
printf("%-28s %8.2f s\n", 'bare inserts, two a row', $bare / 1e9);
foreach (['1', '2'] as $of) {
    [$parse, $dry, $all, $longest, $dogs] = $read($of);
    printf(
        "%-28s %8.2f s   dry run %.2f s   reading %.2f s (%.1f times bare)   longest step %.2f s   peak %d MB\n",
        "{$dogs} dogs, file",
        $parse / 1e9,
        $dry / 1e9,
        $all / 1e9,
        $all / $bare,
        $longest / 1e9,
        memory_get_peak_usage() / 1e6,
    );
}
