<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\StageReport;
use Underpin\Connection\Connections;
use Underpin\Connection\ConnectionVerdict;
use Underpin\Connection\Reason;
use Underpin\Loads\Demand\DemandLine;
use Underpin\Loads\Demand\Worksheet;
use Underpin\Outage\CardCircuit;
use Underpin\Outage\CardStep;
use Underpin\Outage\SwitchingCard;
use Underpin\Service\Circuit;
use Underpin\Sizing\Fit;
use Underpin\Wiring\WireLine;
use Underpin\Wiring\WirePlan;

/** Everything that the core says of a job file, as plain data. Watts, amperes, volts, per cent. */
final class JobReport
{
    /** @return array<string, mixed> */
    public static function of(JobFile $job): array
    {
        $review = Review::of($job);
        $facts = $review->facts;
        $running = $facts->plan->running;

        return [
            'name' => $job->name,
            'stages' => array_map(fn (StageReport $r): array => [
                'stage' => $r->stage->value, 'reach' => $r->reach->value, 'missing' => $r->missing, 'findings' => count($r->findings),
            ], StageReport::all($review)),
            'must_run' => [
                'circuits' => self::ids($facts->plan->must),
                'a_amps' => $running->aAmps, 'b_amps' => $running->bAmps, 'neutral_amps' => $running->neutralAmps,
                'total_w' => $running->totalW, 'total_va' => $running->totalVa, 'imbalance_pct' => $running->imbalancePct(),
                'start_order' => $facts->plan->starting->order(), 'start_peak_a' => $facts->plan->starting->peakAmps(),
            ],
            'demand' => $job->demand === null ? null : self::demand($job->demand->worksheet()),
            'size' => $facts->fit === null ? null : self::fit($facts->fit),
            'connections' => array_map(self::connection(...), Connections::judged($facts->sized)),
            'wire' => $facts->wire === null ? null : self::wire($facts->wire),
            'card' => self::card(SwitchingCard::of($review)),
            'findings' => array_map(fn (Finding $f): array => [
                'code' => $f->code, 'severity' => $f->severity->value, 'stage' => $f->stage->value, 'message' => $f->what,
                'why' => $f->why, 'do' => $f->do, 'source' => $f->source->words(), 'circuit' => $f->circuitId,
            ], $review->findings),
            'caution' => 'This says what was checked. A licensed electrician and the local authority decide; nothing here says that it is safe to energize.',
        ];
    }

    /** @return array<string, mixed> */
    private static function demand(Worksheet $sheet): array
    {
        return [
            'method' => $sheet->method->value, 'section' => $sheet->method->section(), 'demand_va' => $sheet->demandVa, 'demand_a' => $sheet->demandA(),
            'lines' => array_map(fn (DemandLine $line): array => ['label' => $line->label, 'va' => $line->va, 'section' => $line->section], $sheet->lines),
        ];
    }

    /** @return array<string, mixed> */
    private static function fit(Fit $fit): array
    {
        $together = $fit->together();

        return [
            'machine' => $fit->supply->machine->name, 'fuel' => $fit->supply->fuel->value,
            'verdict' => strtolower($fit->verdict->name), 'headline' => $fit->headline(), 'why' => $fit->why(),
            'run_limit_a' => $fit->supply->runLimitA(), 'surge_limit_a' => $fit->supply->surgeLimitA(),
            'a_amps' => $fit->running->aAmps, 'b_amps' => $fit->running->bAmps, 'start_peak_a' => $fit->starting->peakAmps(),
            'restart_a' => $fit->restartA, 'spare_a' => $fit->spareA(), 'spare_pct' => $fit->sparePct(),
            'together' => self::ids($together->on), 'waiting' => self::ids($together->waiting), 'not_weighed' => self::ids($together->unweighed),
        ];
    }

    /** @return array<string, mixed> */
    private static function connection(ConnectionVerdict $verdict): array
    {
        return [
            'kind' => $verdict->kind->value, 'possible' => $verdict->possible->value,
            'reasons' => array_map(fn (Reason $r): array => ['makes' => $r->makes->value, 'text' => $r->text, 'source' => $r->source->words()], $verdict->reasons),
            'powers' => self::ids($verdict->powers), 'dead' => self::ids($verdict->dead), 'switch_positions' => $verdict->switchPositions,
        ];
    }

    /** @return array<string, mixed> */
    private static function wire(WirePlan $plan): array
    {
        return [
            'lines' => array_map(fn (WireLine $l): array => ['part' => $l->part, 'pick' => $l->pick, 'why' => $l->why, 'source' => $l->source->words()], $plan->lines),
            'outlet_a' => $plan->outletA, 'inlet_a' => $plan->inletA, 'breaker_a' => $plan->breakerA,
            'drop_pct' => $plan->dropPct(), 'end_v' => $plan->endV(), 'missing' => $plan->missing,
        ];
    }

    /** @return array<string, mixed> */
    private static function card(SwitchingCard $card): array
    {
        return [
            'gaps' => $card->gaps, 'cautions' => $card->cautions, 'to_generator' => self::steps($card->toGenerator),
            'start' => self::rows($card->start), 'room' => self::rows($card->room), 'leave_off' => self::rows($card->leaveOff),
            'signs' => $card->signs, 'back' => self::steps($card->back),
        ];
    }

    /**
     * @param  list<CardStep>  $steps
     * @return list<string>
     */
    private static function steps(array $steps): array
    {
        return array_map(fn (CardStep $step): string => $step->do, $steps);
    }

    /**
     * @param  list<CardCircuit>  $rows
     * @return list<array{panel: string, space: string, name: string, wait_s: int}>
     */
    private static function rows(array $rows): array
    {
        return array_map(fn (CardCircuit $c): array => ['panel' => $c->panel, 'space' => $c->label, 'name' => $c->name, 'wait_s' => $c->waitS], $rows);
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string>
     */
    private static function ids(array $circuits): array
    {
        return array_map(fn (Circuit $c): string => $c->id, $circuits);
    }
}
