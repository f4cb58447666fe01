<?php

declare(strict_types=1);

namespace Underpin\Exchange;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Line;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Codebook\Edition;
use Underpin\Codebook\Source;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Reason;
use Underpin\Connection\WayVerdict;
use Underpin\Demand\DemandLine;
use Underpin\Demand\Worksheet;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Outage\CardCircuit;
use Underpin\Outage\CardGap;
use Underpin\Outage\SwitchingCard;
use Underpin\Sizing\Fit;
use Underpin\Stages\StageReport;
use Underpin\Stages\Stages;

/** Everything that the core says of a job file, as plain data. Watts, amperes, volts, per cent. */
final class JobReport
{
    /** @return array<string, mixed> */
    public static function of(Job $job): array
    {
        $review = Review::of($job);
        $design = $review->design;
        $running = $design->plan()->running;
        $edition = $job->authority->rules->edition;

        return [
            'name' => $job->name,
            'stages' => array_map(fn (StageReport $r): array => [
                'stage' => $r->stage->key()->value, 'reach' => $r->progress->value, 'missing' => $r->missing,
                'findings' => count($r->findings),
            ], Stages::standard()->reports($review)),
            'must_run' => [
                'circuits' => self::ids($design->plan()->must),
                'a_amps' => $running->aAmps, 'b_amps' => $running->bAmps, 'neutral_amps' => self::neutralAmps($design),
                'total_w' => $running->totalW, 'total_va' => $running->totalVa, 'imbalance_pct' => $running->imbalancePct(),
                'start_order' => $design->plan()->starting()->order(), 'start_peak_a' => $design->plan()->worstStarting()->peakAmps(),
            ],
            'demand' => $job->basis->demand === null ? null : self::demand(Worksheet::of($job->basis->demand), $edition),
            'size' => $design->fit() === null ? null : self::fit($design->fit()),
            'connections' => array_map(fn (WayVerdict $v): array => self::connection($v, $edition), $design->connections()),
            'wire' => $design->assembly() === null ? null : self::wire($design->assembly(), $edition),
            'card' => self::card(SwitchingCard::of($review)),
            'findings' => array_map(fn (Finding $f): array => [
                'code' => $f->code->value, 'severity' => $f->severity->value, 'stage' => $f->stage->value, 'message' => $f->what,
                'why' => $f->why, 'do' => $f->do, 'source' => $f->source->words($edition), 'circuit' => $f->circuitId,
            ], $review->findings),
            'set_aside' => array_map(fn (array $each): array => [
                'code' => $each[0]->code->value, 'what' => $each[0]->what, 'reason' => $each[1]->reason, 'by' => $each[1]->by,
                'on' => $each[1]->on,
            ], $review->setAside),
            'caution' => 'This says what was checked. A licensed electrician and the local authority decide; nothing here '
                    .'says that it is safe to energize.',
        ];
    }

    /** On the one hot wire of a 120 V machine nothing cancels: the neutral carries the sum. */
    private static function neutralAmps(Design $design): float
    {
        $fit = $design->fit();

        return $fit !== null && ! $fit->supply->feedsBothLegs() ? $fit->running->neutralAmps : $design->plan()->running->neutralAmps;
    }

    /** @return array<string, mixed> */
    private static function demand(Worksheet $sheet, string $edition): array
    {
        return [
            'method' => $sheet->method->value, 'section' => Source::nec($sheet->method->section())->words($edition),
            'demand_va' => $sheet->demandVa, 'demand_a' => $sheet->demandAmps(),
            'lines' => array_map(fn (DemandLine $line): array => [
                'label' => $line->label, 'va' => $line->va, 'section' => Edition::of($edition)->sections($line->section),
            ], $sheet->lines),
        ];
    }

    /** @return array<string, mixed> */
    private static function fit(Fit $fit): array
    {
        $together = $fit->together();

        return [
            'machine' => $fit->supply->machine->name, 'fuel' => $fit->supply->fuel->value,
            'verdict' => strtolower($fit->verdict->name), 'headline' => $fit->words()->headline(), 'why' => $fit->words()->why(),
            'run_limit_a' => $fit->supply->runLimitAmps(), 'surge_limit_a' => $fit->supply->surgeLimitAmps(),
            'a_amps' => $fit->running->aAmps, 'b_amps' => $fit->running->bAmps, 'start_peak_a' => $fit->starting->peakAmps(),
            'restart_a' => $fit->restartAmps, 'spare_a' => $fit->spareAmps(), 'spare_pct' => $fit->sparePct(),
            'together' => self::ids($together->on), 'waiting' => self::ids([...$together->waiting, ...$together->medicalWaiting]),
            'not_weighed' => self::ids($together->unweighed),
        ];
    }

    /** @return array<string, mixed> */
    private static function connection(WayVerdict $verdict, string $edition): array
    {
        return [
            'kind' => $verdict->way->key(), 'possible' => $verdict->possible->value, 'changes' => $verdict->changes(),
            'reasons' => array_map(
                fn (Reason $r): array => ['makes' => $r->possible->value, 'text' => $r->text, 'source' => $r->source->words($edition)],
                $verdict->reasons,
            ),
            'powers' => self::ids($verdict->powers), 'dead' => self::ids($verdict->dead), 'switch_positions' => $verdict->switchPositions,
        ];
    }

    /** @return array<string, mixed> */
    private static function wire(Assembly $built, string $edition): array
    {
        return [
            'lines' => array_map(
                fn (Line $l): array => ['part' => $l->part, 'pick' => $l->pick, 'why' => $l->why, 'source' => $l->source->words($edition)],
                $built->lines(),
            ),
            'outlet_a' => ($built->component(ComponentKind::Outlet) ?? $built->component(ComponentKind::Generator))?->amps,
            'inlet_a' => $built->component(ComponentKind::Inlet)?->amps,
            'breaker_a' => $built->component(ComponentKind::Breaker)?->amps,
            'drop_pct' => $built->dropPct(), 'end_v' => $built->endV(), 'missing' => $built->missing,
        ];
    }

    /** @return array<string, mixed> */
    private static function card(SwitchingCard $card): array
    {
        return [
            'gaps' => array_map(fn (CardGap $gap): string => $gap->what, $card->gaps),
            'cautions' => $card->cautions, 'before' => $card->before, 'to_generator' => self::steps($card->toGenerator),
            'start' => self::rows($card->start), 'room' => self::rows($card->room), 'leave_off' => self::rows($card->leaveOff),
            'running' => self::steps($card->running), 'signs' => $card->signs, 'back' => self::steps($card->back),
        ];
    }

    /**
     * @param  list<OwnerStep>  $steps
     * @return list<string>
     */
    private static function steps(array $steps): array
    {
        return array_map(fn (OwnerStep $step): string => $step->do, $steps);
    }

    /**
     * @param  list<CardCircuit>  $rows
     * @return list<array{panel: string, space: string, name: string, wait_s: int, place?: int}>
     */
    private static function rows(array $rows): array
    {
        return array_map(
            fn (CardCircuit $c): array => [
                'panel' => $c->panel, 'space' => $c->label, 'name' => $c->name, 'wait_s' => $c->waitS,
                ...$c->places === [] ? [] : ['place' => $c->places[0]],
            ],
            $rows,
        );
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
