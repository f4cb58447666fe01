<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Calculator\Calculator;
use Underpin\Calculator\Calculators;
use Underpin\Calculator\Run;
use Underpin\Refused;

/** The core's calculators for scripts: JSON on standard input, JSON on standard output. */
final class Calc extends Command
{
    protected $signature = 'underpin:calc
        {name? : which calculator}
        {--pretty : indented output}
        {--list : name the calculators}
        {--describe : inputs, units, defaults and source of one calculator}';

    protected $description = 'Run a calculation of the core: JSON in, JSON out';

    public function handle(): int
    {
        if ($this->option('list')) {
            foreach (Calculators::all() as $calculator) {
                $this->output->writeln(sprintf('%-16s %s', $calculator->name(), $calculator->summary()));
            }

            return 0;
        }
        try {
            $name = $this->argument('name');
            $calculator = Calculators::named(is_string($name) ? $name : '');
        } catch (Refused $refused) {
            return $this->finish(Run::refused($refused));
        }
        if ($this->option('describe')) {
            return $this->finish(new Run(self::about($calculator), false));
        }

        return $this->finish(Calculators::run($calculator, (string) stream_get_contents(STDIN)));
    }

    /** @return array<string, mixed> */
    private static function about(Calculator $calculator): array
    {
        return [
            'name' => $calculator->name(),
            'summary' => $calculator->summary(),
            'source' => $calculator->source(),
            'inputs' => $calculator->form()->describe(),
        ];
    }

    private function finish(Run $run): int
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE;
        ini_set('serialize_precision', '-1');
        fwrite(STDOUT, json_encode($run->output, $this->option('pretty') ? $flags | JSON_PRETTY_PRINT : $flags)."\n");

        return $run->anyRefused ? 2 : 0;
    }
}
