<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Journal\JournalFile;
use App\Journal\Words;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints the journal, one event a line; or erases the words that were written of one thing. */
final class JournalCommand extends Command
{
    protected $signature = 'glaze:journal {--erase-words= : of the cup or the film with this UUID}';

    protected $description = 'Print the journal as JSON lines, or erase what somebody wrote in it';

    public function handle(Words $words): int
    {
        $subject = $this->option('erase-words');
        if (is_string($subject)) {
            $this->line((string) trans_choice('journal.erased', $words->erase($subject)));

            return self::SUCCESS;
        }
        foreach (JournalFile::lines() as $line) {
            $this->output->write($line, true, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
