<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Saying\Person;
use Illuminate\Console\Command;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Range\RangesDocument;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Computes a plan file without touching the database. */
final class PlanCommand extends Command
{
    protected $signature = 'glaze:plan {file : a plan file, or - for standard input} {--ranges : with each figure, between what eight of ten draws of its assumptions lie}';

    protected $description = 'Compute a plan file and print the result as JSON';

    public function handle(): int
    {
        $file = $this->argument('file');
        $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? file_get_contents($file) : false);
        if ($text === false) {
            $this->errors()->writeln(sprintf(': There is no file "%s" that can be read.', $file), OutputInterface::OUTPUT_RAW);

            return self::FAILURE;
        }
        $person = new Person(UnitSystem::Metric);
        try {
            $read = PlanFile::read($text);
            $plan = $read->plan;
            $results = (new Planner)->plan($plan);
            $batches = (new BatchPlanner)->plan($plan, $results);
        } catch (PlanException $exception) {
            foreach ($exception->faults as $fault) {
                $this->errors()->writeln($fault->pointer.': '.$person->say($fault->said), OutputInterface::OUTPUT_RAW);
            }

            return self::FAILURE;
        }
        $document = ResultDocument::of($plan, $person, $results, $batches);
        if ($this->option('ranges')) {
            $document['ranges'] = RangesDocument::of(Ranges::of($read->document), $plan);
        }
        $this->output->write(Json::file($document), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function errors(): OutputInterface
    {
        $output = $this->output->getOutput();

        return $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
    }
}
