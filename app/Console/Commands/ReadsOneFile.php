<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Formats\UnreadableFile;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** A command that reads one file of an open format and prints what it comes to as JSON. */
abstract class ReadsOneFile extends Command
{
    /**
     * @return array<string, mixed> what is printed
     *
     * @throws UnreadableFile
     */
    abstract protected function answer(string $json): array;

    public function handle(): int
    {
        $path = Argument::text($this, 'file');
        if (! is_file($path) || ! is_readable($path)) {
            return $this->refuse(["There is no readable file at {$path}."]);
        }
        try {
            $answer = $this->answer((string) file_get_contents($path));
        } catch (UnreadableFile $wrong) {
            return $this->refuse($wrong->problems);
        }
        $this->output->writeln(json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    /** @param list<string> $problems */
    private function refuse(array $problems): int
    {
        // Standard output stays empty, so that a pipe never takes a message for an answer.
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($problems);

        return self::FAILURE;
    }
}
