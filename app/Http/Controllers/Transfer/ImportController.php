<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Http\Answer;
use App\Http\Requests\ImportWayRequest;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\IncomingFiles;
use App\Transfer\Import\ColumnGuess;
use App\Transfer\Import\CsvTable;
use App\Transfer\Import\ImportDesk;
use App\Transfer\Import\ImportWay;
use App\Transfer\Import\UnreadableTable;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Clients and dogs from a table of another program: looked at, tried, read in, and taken out again. */
final readonly class ImportController
{
    private const SAMPLES = 3;

    public function __construct(private ImportDesk $desk, private IncomingFiles $incoming) {}

    public function index(): Answer
    {
        return new Answer(['imports' => $this->desk->list()]);
    }

    public function store(Request $request): Answer
    {
        $tooLarge = Words::of('import.too_long', ['most' => CsvTable::MOST_ROWS]);
        $request->validate(['file' => ['required', 'file', 'max:'.intdiv(CsvTable::MOST_BYTES, 1024)]], [
            'file.required' => Words::of('import.missing'),
            'file.file' => Words::of('import.missing'),
            'file.uploaded' => $tooLarge,
            'file.max' => $tooLarge,
        ]);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        $table = CsvTable::read((string) file_get_contents($file->getPathname()));
        $id = $this->incoming->keep($file->getPathname());
        $this->desk->begin($id, $file->getClientOriginalName(), count($table->rows), $request->user());
        $guess = ColumnGuess::of($table);
        $usual = ImportWay::usual();

        return new Answer([
            'id' => $id,
            'fileName' => $file->getClientOriginalName(),
            'rows' => count($table->rows),
            'columns' => array_map(fn(int $column): array => [
                'heading' => $table->headings[$column],
                'samples' => self::samples($table, $column),
                'field' => $guess[$column]?->value,
            ], array_keys($table->headings)),
            'assumed' => [...$usual, 'coat' => $usual['coat']->value],
        ], 201);
    }

    public function dryRun(ImportWayRequest $request, string $import): Answer
    {
        return new Answer($this->desk->dryRun($this->table($import), $request->way()));
    }

    public function rows(ImportWayRequest $request, string $import): Answer
    {
        // Asked once more after a lost answer: the file is gone, all of it is read.
        $progress = $this->desk->progress($import);
        if ($progress['done'] === $progress['rows']) {
            return new Answer($progress);
        }
        $step = $this->desk->step($import, $this->table($import), $request->way());
        if ($step['done'] === $step['rows']) {
            HouseLog::note(Done::ClientsRead, $request->user(), ['rows' => $step['rows']]);
            $this->incoming->forget($import);
        }

        return new Answer($step);
    }

    public function undo(Request $request, string $import): Answer
    {
        $taken = $this->desk->undo($import);
        HouseLog::note(Done::ClientsTakenOut, $request->user(), ['clients' => $taken['clients'], 'dogs' => $taken['dogs']]);

        return new Answer($taken);
    }

    private function table(string $import): CsvTable
    {
        $path = $this->incoming->path($import) ?? throw UnreadableTable::gone();

        return CsvTable::read((string) file_get_contents($path));
    }

    /** @return list<string> what stands in a column, each once */
    private static function samples(CsvTable $table, int $column): array
    {
        $filled = array_filter(array_column($table->rows, $column), fn(string $cell): bool => $cell !== '');

        return array_slice(array_values(array_unique($filled)), 0, self::SAMPLES);
    }
}
