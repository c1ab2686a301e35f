<?php

declare(strict_types=1);

/** Holds what writers were told against what is stored, and the lists against a rebuild. */
[, $database, $visits, $seconds] = $argv;
$acknowledged = [];
foreach (array_slice($argv, 4) as $file) {
    $lines = array_filter(explode("\n", (string) file_get_contents($file)));
    $ids = preg_grep('/^[0-9A-Z]{26}$/', $lines) ?: [];
    if (count($ids) < count($lines)) {
        exit('A writer said something else: '.implode(' ', array_diff($lines, $ids))."\n");
    }
    array_push($acknowledged, ...$ids);
}
$pdo = new PDO("sqlite:{$database}");
$rows = fn(string $sql): array => $pdo->query($sql)->fetchAll(PDO::FETCH_ASSOC);
$stored = array_column($rows("select id from marks where kind != 'arrived'"), 'id');
$lists = fn(): array => array_map(
    fn(string $table): array => $rows("select * from {$table} order by 1, 2"),
    ['visits', 'findings', 'grade_differences', 'work_times', 'work_clocks'],
);
$before = $lists();
exec(PHP_BINARY.' artisan visits:rebuild --quiet', $said, $failed);
printf(
    "%3d visits: %d acknowledged in %.1f s, lost %d, doubled %d, stored unasked %d, lists equal to a rebuild: %s\n",
    $visits,
    count($acknowledged),
    $seconds,
    count(array_diff($acknowledged, $stored)),
    count($stored) - count(array_unique($stored)),
    count(array_diff($stored, $acknowledged)),
    $failed === 0 && $before === $lists() ? 'yes' : 'NO',
);
