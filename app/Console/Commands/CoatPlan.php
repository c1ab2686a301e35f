<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\CoatCase\CoatCaseFile;
use App\CoatCase\CoatReportJson;
use App\CoatCase\UnreadableCoatCase;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\CoatReport;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

final class CoatPlan extends Command
{
    protected $signature = 'coat:plan {file : a coat case (JSON, see docs/formats/coat-case.schema.json)}';

    protected $description = 'Grade a coat case, list what is offered for each section, and print the frontier of its plans, as JSON';

    public function handle(CoatCaseFile $file): int
    {
        $path = Argument::text($this, 'file');
        if (! is_file($path) || ! is_readable($path)) {
            return $this->refuse(["There is no readable file at {$path}."]);
        }
        $rules = HouseRules::shop();
        try {
            $case = $file->read((string) file_get_contents($path), $rules->kit);
        } catch (UnreadableCoatCase $wrong) {
            return $this->refuse($wrong->problems);
        }
        $this->output->writeln(json_encode(
            CoatReportJson::of(CoatReport::of($case, $rules)),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ));

        return self::SUCCESS;
    }

    /** @param list<string> $problems */
    private function refuse(array $problems): int
    {
        // Standard output stays empty, so that a pipe never takes a message for a plan.
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($problems);

        return self::FAILURE;
    }
}
