<?php

declare(strict_types=1);

namespace App\Outages;

use App\JobFile\JobEditor;
use App\Models\Machine as MachineRow;
use App\Models\Run;
use App\Runs\RunProgress;
use App\Runs\Task;
use Underpin\Design\Design;
use Underpin\Form\Values;
use Underpin\Outage\Alternative;
use Underpin\Outage\Alternatives;
use Underpin\Outage\Change;
use Underpin\Outage\House\House;
use Underpin\Outage\Many\Remedy;
use Underpin\Outage\Many\Tally;
use Underpin\Outage\Many\Variations;
use Underpin\Outage\OutageForm;
use Underpin\Outage\Scenario;
use Underpin\Outage\Simulation\ActedOutage;
use Underpin\Outage\Trial;
use Underpin\Refused;
use Underpin\Sizing\Supply;

/**
 * A thousand outages that are alike, then what would mend those with an overload. What it has so far is kept every few seconds, with a
 * mark of what it was made from: a worker that takes it up again goes on from there, and begins anew when the job is another by then.
 */
final readonly class ManyOutages implements Task
{
    /** Outages between two times that it is kept. */
    private const KEPT_EVERY = 25;

    private const MOST_REMEDIES = 12;

    /** Larger machines that are tried, the cheapest first. */
    private const MOST_MACHINES = 2;

    /** Parts of a job file that change what an outage comes to. */
    private const READS = [
        'panels', 'service', 'figures', 'machine', 'fuel', 'connection', 'switch_kind', 'switch_places', 'fed_panel', 'single_circuit',
        'shed', 'site', 'fuel_kept', 'demand', 'recorded',
    ];

    public function __construct(private int $outages = Variations::USUAL)
    {
    }

    public function key(): string
    {
        return 'outages';
    }

    public function reads(): array
    {
        return self::READS;
    }

    public function run(Run $run, RunProgress $progress): string
    {
        $edited = JobEditor::open($run->onJob());
        $design = $edited->review->design;
        $in = self::values($run->input);
        $scenario = OutageForm::scenario($in);
        $trial = new Trial(self::supply($run, $design, $in->text('machine')));
        $mark = hash('sha256', serialize([$edited->job, $run->input, $trial->supply]));
        $kept = ($run->kept['mark'] ?? '') === $mark ? (array) $run->kept : ['mark' => $mark];
        $tally = $this->tally($design, $scenario, $trial, $kept, $progress);
        $kept['tally'] = $tally->toArray();
        $remedies = self::remedies($run, $design, $scenario, $trial, $tally, $progress);
        $progress->keep([...$kept, 'remedies' => array_map(fn (Remedy $remedy): array => get_object_vars($remedy), $remedies)]);

        return number_format($tally->done()).' outages acted out';
    }

    public function page(Run $run): string
    {
        return route('jobs.outage', [$run->job_id, ...$run->input]).'#many';
    }

    public function tidy(Run $run): void
    {
        // What it has kept is what its page shows.
    }

    /** @param  array<string, mixed>  $kept */
    private function tally(
        Design $design, Scenario $scenario, Trial $trial, array $kept, RunProgress $progress,
    ): Tally {
        $first = self::house($design, $scenario, $trial);
        $most = $first->tank === null ? 0.0 : $first->tank->burn($trial->supply->peakW(), 0.0) * $scenario->hours;
        /** @var ?array<string, mixed> $sofar */
        $sofar = $kept['tally'] ?? null;
        $tally = $sofar === null ? Tally::empty($most) : Tally::fromArray($sofar);
        $ids = array_map(fn ($circuit): string => $circuit->id, $first->circuits);
        while ($tally->done() < $this->outages) {
            $variation = Variations::of($scenario, $tally->done());
            $tally->add($variation, ActedOutage::of(self::house($design, $variation, $trial)), $ids);
            if ($tally->done() % self::KEPT_EVERY === 0) {
                $progress->keep([...$kept, 'tally' => $tally->toArray()]);
            }
            $progress->tell(
                number_format($tally->done()).' of '.number_format($this->outages).' outages, '
                    .number_format($tally->overloaded()).' with an overload', $tally->done() / $this->outages,
            );
        }

        return $tally;
    }

    /** @return list<Remedy> what mends most first */
    private static function remedies(Run $run, Design $design, Scenario $scenario, Trial $trial, Tally $tally, RunProgress $progress): array
    {
        $seeds = $tally->seeds();
        $remedies = [];
        foreach ($seeds === [] ? [] : self::changes($run, $design, $trial, $tally) as $change) {
            $still = 0;
            foreach ($seeds as $seed) {
                $house = House::of($design, Variations::seeded($scenario, $seed), $change->trial);
                // With nothing left to feed, nothing is mended.
                $still += $house === null || ActedOutage::of($house)->overloads() > 0 ? 1 : 0;
            }
            $remedies[] = Remedy::of($change, count($seeds), $still);
            $progress->tell('What would help: '.$change->words, null);
        }
        usort($remedies, fn (Remedy $x, Remedy $y): int => [$y->keepsAll, $x->still] <=> [$x->keepsAll, $y->still]);

        return $remedies;
    }

    /** @return list<Alternative> soft starters, larger machines, and to leave off what was the last straw */
    private static function changes(Run $run, Design $design, Trial $trial, Tally $tally): array
    {
        $causes = $tally->causes();
        $larger = array_filter(
            self::supplies($run, $design), fn (Supply $supply): bool => ! $supply->fuelIsMissing() && $supply->feedsBothLegs()
                && $supply->surgeLimitAmps() > $trial->supply->surgeLimitAmps() && $supply->machine->priceUsd !== null,
        );
        usort($larger, fn (Supply $x, Supply $y): int => $x->machine->priceUsd <=> $y->machine->priceUsd);
        $wanted = array_filter(
            Alternatives::of($design, $trial, array_slice($larger, 0, self::MOST_MACHINES)),
            fn (Alternative $each): bool => $each->change->isRemedy()
                && ($each->change !== Change::Without || isset($causes[$each->of])),
        );

        return array_slice(array_values($wanted), 0, self::MOST_REMEDIES);
    }

    private static function house(Design $design, Scenario $scenario, Trial $trial): House
    {
        return House::of($design, $scenario, $trial)
            ?? throw new Refused('machine', 'There is nothing to act out: nothing that must run can be fed by this machine.');
    }

    private static function supply(Run $run, Design $design, string $id): Supply
    {
        if ($id === '') {
            return $design->supply() ?? throw new Refused('machine', 'Machine: none is picked. Pick one, or choose one for the outage.');
        }
        foreach (self::supplies($run, $design) as $supply) {
            if ($supply->id() === $id) {
                return $supply;
            }
        }
        throw new Refused('machine', 'Machine: it is not in the catalogue any more.');
    }

    /** @return list<Supply> every machine of the shop on each of its fuels */
    private static function supplies(Run $run, Design $design): array
    {
        $supplies = [];
        foreach (MachineRow::query()->where('shop_id', $run->onJob()->shop_id)->where('retired', false)->get() as $row) {
            $machine = $row->core();
            foreach ($machine->ratings as $rating) {
                $supplies[] = new Supply($machine, $rating->fuel, $design->job->site);
            }
        }

        return $supplies;
    }

    /** @param  array<string, string>  $input */
    private static function values(array $input): Values
    {
        $case = [];
        foreach (OutageForm::form()->fields() as $field) {
            $case[$field->name] = isset($input[$field->name]) ? $field->type->fromText($input[$field->name]) : null;
        }

        return OutageForm::form()->read((object) $case);
    }
}
