<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Machine as MachineRow;
use Underpin\Form\Values;
use Underpin\Job\Machine;
use Underpin\Outage\Acted;
use Underpin\Outage\Alternative;
use Underpin\Outage\Alternatives;
use Underpin\Outage\OutageForm;
use Underpin\Outage\Scenario;
use Underpin\Outage\Simulation\CircuitState;
use Underpin\Outage\Trial;
use Underpin\Refused;
use Underpin\Sizing\Ranking;
use Underpin\Sizing\Supply;

/** An outage of a job as its page shows it: one trial, and another beside it on the same outage. */
final readonly class OutageScreen
{
    /**
     * @param  list<Supply>  $machines  of the shop that could be taken, best first
     * @param  list<Alternative>  $alternatives
     * @param  ?Acted  $acted  null: no machine, or nothing that it could feed
     * @param  ?Acted  $beside  null: nothing is put beside it
     */
    private function __construct(
        public Values $in, public Scenario $scenario, public array $machines, public array $alternatives, public ?Acted $acted,
        public ?Acted $beside, public ?Alternative $alternative,
    ) {
    }

    public static function of(JobScreen $screen, Values $in): self
    {
        $design = $screen->design();
        $scenario = OutageForm::scenario($in);
        $machines = self::machines($screen);
        $supply = $in->text('machine') === '' ? $design->supply() : self::named($machines, $in->text('machine'));
        if ($supply === null) {
            return new self($in, $scenario, $machines, [], null, null, null);
        }
        $trial = new Trial($supply);
        $alternatives = Alternatives::of($design, $trial, $machines);
        $alternative = Alternatives::named($alternatives, $in->text('beside'));

        return new self(
            $in, $scenario, $machines, $alternatives, Acted::of($design, $scenario, $trial),
            $alternative === null ? null : Acted::of($design, $scenario, $alternative->trial), $alternative,
        );
    }

    /**
     * What a picture of a span needs.
     *
     * @return array<string, mixed>
     */
    public function span(float $fromS, float $toS): array
    {
        $whole = $this->scenario->seconds();
        $from = max(0.0, min($fromS, $whole));
        $to = min($whole, max($toS, $from + 0.1));

        return [
            'from' => $from, 'to' => $to, 'whole' => $whole, 'start' => $this->scenario->startHour,
            // What runs is drawn for the first one only.
            'trials' => array_values(array_filter([$this->acted?->picture($from, $to, true), $this->beside?->picture($from, $to, false)])),
        ];
    }

    /**
     * Every breaker at one moment.
     *
     * @return array<string, mixed>
     */
    public function moment(float $atS): array
    {
        $acted = $this->acted;
        if ($acted === null) {
            return [];
        }
        [$a, $b, $fuel] = $acted->trace->at($atS);
        $states = array_map(fn (CircuitState $state): int => $state->value, $acted->trace->circuitsAt($atS));

        return [
            'at' => $acted->clock($atS), 'a' => round($a, 1), 'b' => round($b, 1), 'fuel' => round($fuel, 1),
            'states' => array_combine(array_map(fn ($circuit): string => $circuit->id, $acted->house->circuits), $states),
        ];
    }

    /** @return list<Supply> */
    private static function machines(JobScreen $screen): array
    {
        $rows = MachineRow::query()->where('shop_id', $screen->row->shop_id)->where('retired', false)->orderBy('price_usd')->get();
        $fits = Ranking::of(
            $screen->design()->onGenerator(), array_values(array_map(fn (MachineRow $row): Machine => $row->core(), $rows->all())),
            $screen->job->generator->marginPct, $screen->job->site,
        );
        $supplies = [];
        foreach ($fits as $fit) {
            if (! $fit->supply->fuelIsMissing()) {
                $supplies[] = $fit->supply;
            }
        }

        return $supplies;
    }

    /** @param  list<Supply>  $machines */
    private static function named(array $machines, string $id): Supply
    {
        foreach ($machines as $supply) {
            if ($supply->id() === $id) {
                return $supply;
            }
        }
        throw new Refused('machine', 'Machine: it is not in the catalogue any more, or its fuel is not here. Choose another.');
    }
}
