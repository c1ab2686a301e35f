<?php

declare(strict_types=1);

use HoundCheck\Core\Coat\LengthPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RestBegan;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Table\OnItsFeet;
use HoundCheck\Core\Table\SectionLedger;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Table\WorkClock;
use HoundCheck\Core\Table\WorkedMat;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\VisitFold;
use Tests\Core\CorpusVisit;

/**
 * Writes .cache/drawn.json for the tests of the screens: for each mark at the table of each visit of the corpus, the table
 * before it, the mark, and the table after it, as the core folds them; and for each visit the marks from the table on, with
 * how long the dog has been on its feet after each; and the part whose length each section shares. The screens' own drawing
 * is held against it.
 */


require __DIR__.'/../../vendor/autoload.php';

$time = fn(?DateTimeImmutable $at): ?string => $at?->format('Y-m-d\TH:i:s.v\Z');
$section = fn(TableRun $run, string $id, SectionLedger $ledger): array => [
    'done' => $ledger->isDone(),
    'clippedMm' => $ledger->cutMm(),
    'combAfterMm' => $ledger->asking !== null && ! $ledger->combedOut && SectionLedger::sendsBack($ledger->asking)
        ? (new PlanRules)->fineTeethMm
        : null,
    'linesDone' => $ledger->lines,
    'linesSinceMist' => $ledger->linesSinceMist,
    'seconds' => $run->clock->sections[$id] ?? 0.0,
    'lineSeconds' => $run->clock->lines[$id] ?? 0.0,
    'mats' => array_values(array_map(
        fn(WorkedMat $mat): array => [
            'id' => $mat->id,
            'outcome' => $mat->outcome?->value,
            'closes' => $mat->closes,
            'seconds' => $run->matSeconds($mat->takenId),
        ],
        array_filter($ledger->mats, fn(WorkedMat $mat): bool => $mat->outcome !== null),
    )),
];
$table = fn(TableRun $run): array => [
    'begun' => $run->hasBegun(),
    'scope' => $run->scope->value,
    'current' => $run->current()?->value,
    'paused' => $run->isPaused(),
    'seconds' => $run->seconds(),
    'lastAt' => $time($run->lastAt),
    'silence' => ['seconds' => WorkClock::SILENCE_SECONDS, 'withAMatSeconds' => WorkClock::SILENCE_WITH_A_MAT_SECONDS],
    'parked' => array_map(fn(Mark $mark): array => ['id' => $mark->id, 'section' => $mark->section?->value], array_values($run->parked)),
    'reactions' => array_map(fn(Mark $mark): array => ['id' => $mark->id, 'signal' => $mark->what->signal->value], $run->reactions),
    'mat' => $run->mat === null
        ? null
        : [
            'id' => $run->mat->id,
            'section' => $run->mat->section?->value,
            'parkedId' => $run->mat->what->parkedId,
            'seconds' => $run->matSeconds($run->mat->id),
        ],
    'sections' => $run->ledgers->map(fn(SectionLedger $ledger, Section $at): array => $section($run, $at->value, $ledger))->byId(),
];

$stands = fn(OnItsFeet $feet): array => [
    ...get_object_vars($feet),
    'posture' => $feet->posture->value,
    'restingSince' => $time($feet->restingSince),
    'runsFrom' => $time($feet->runsFrom),
];
$sent = fn(Mark $mark): array => [
    'id' => $mark->id,
    'kind' => $mark->kind,
    'section' => $mark->section?->value,
    'at' => $time($mark->at),
    'payload' => (object) $mark->fields,
];

$atTable = $onItsFeet = [];
foreach (glob(__DIR__.'/visits/*.txt') ?: [] as $file) {
    [$marks] = explode("\n----\n", (string) file_get_contents($file));
    $visit = basename($file, '.txt');
    $isWorked = false;
    $fold = new VisitFold(new Known(new HoundCheck\Core\House\HouseRules));
    foreach (CorpusVisit::play(substr($marks, (int) strpos($marks, "\n")))->scene()->marks as $mark) {
        $isDrawn = $mark->declared->phase === Phase::Table || $mark->what instanceof PostureTaken || $mark->what instanceof RestBegan;
        $before = $isDrawn ? $table($fold->state()->run) : null;
        $isWorked = $isWorked || $mark->declared->isFromTheTableOn();
        $stood = $isWorked ? $stands($fold->state()->hands->feet) : null;
        $fold->take($mark);
        if ($before !== null) {
            $atTable[] = [
                'visit' => $visit,
                'before' => $before,
                'mark' => $sent($mark),
                'combGrade' => $mark->what instanceof TableCombed ? (new Grader)->grade($mark->what->check)->grade?->value : null,
                'after' => $table($fold->state()->run),
            ];
        }
        if ($stood !== null) {
            $onItsFeet[] = ['visit' => $visit, 'before' => $stood, 'mark' => $sent($mark), 'after' => $stands($fold->state()->hands->feet)];
        }
    }
}
@mkdir(__DIR__.'/../../.cache');
file_put_contents(
    __DIR__.'/../../.cache/drawn.json',
    json_encode([
        'atTable' => $atTable,
        'onItsFeet' => $onItsFeet,
        'lengthParts' => array_map(fn(Section $section): array => [$section->value, LengthPart::of($section)->value], Section::cases()),
    ], JSON_THROW_ON_ERROR),
);
printf("%d marks at the table\n", count($atTable));
