<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\BreakerFacts;
use Underpin\Checks\Arrangement\CordEnds;
use Underpin\Checks\Arrangement\CordFacts;
use Underpin\Checks\Arrangement\GasFacts;
use Underpin\Checks\Arrangement\GeneratorFacts;
use Underpin\Checks\Arrangement\InletFacts;
use Underpin\Checks\Arrangement\LegLoadsFacts;
use Underpin\Checks\Arrangement\LocalFacts;
use Underpin\Checks\Arrangement\PanelFacts;
use Underpin\Checks\Arrangement\PlaceFacts;
use Underpin\Checks\Arrangement\RunMethod;
use Underpin\Checks\Arrangement\SignsFacts;
use Underpin\Checks\Arrangement\TransferFacts;
use Underpin\Checks\Arrangement\WiringFacts;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Connection\MeansOfTransfer;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Type\GroupOrNoneType;
use Underpin\Form\Values;
use Underpin\Refused;

/** An arrangement as the command takes it: groups of facts, each of which may be missing; some may be false, which means none. */
final class ArrangementFields
{
    private const NOT_KNOWN = 'not known';

    public static function form(): Form
    {
        return new Form(
            Field::choice('connection', 'how the machine comes to the loads; none: nothing keeps the sources apart', self::words(
                MeansOfTransfer::cases(),
            ))->optional(self::NOT_KNOWN),
            self::group('generator', 'the machine', new Form(
                self::number('outlet_a', 'amperes of its outlet, or of its own breaker when hard-wired'),
                Field::numberChoice('outlet_volts', 'volts of that outlet', [120, 240])->optional(self::NOT_KNOWN),
                Field::choice('neutral', 'tied to the frame or not', ['bonded', 'floating'])->optional(self::NOT_KNOWN),
                self::flag('gfci', 'the outlet has ground-fault protection'),
                self::number('run_w', 'running watts'), self::number('surge_w', 'watts for the moment of a start'),
                self::number('nameplate_a', 'amperes on the nameplate'), self::flag('listed', 'it is listed'),
                self::flag('own_breaker', 'it has a breaker of its own'),
            )),
            self::groupOrNone('cord', 'from the outlet', new Form(
                Field::choice('ends', 'at machine and house', self::words(CordEnds::cases()))->optional(self::NOT_KNOWN),
                self::size(), self::number('amps_rating', 'amperes that it is good for'), self::number('length_ft', 'feet'),
                self::flag('ground_wire', 'it has one'),
            )),
            self::groupOrNone('inlet', 'where the cord goes in', new Form(
                self::number('amps', 'its rating'), self::flag('wet_rated', 'listed for wet places'),
                self::flag('male_recessed', 'its pins lie in a recess'),
                Field::choice('mounted_to', 'what it is screwed to', ['framing', 'siding_only'])->optional(self::NOT_KNOWN),
            )),
            self::groupOrNone('breaker', 'of the generator, in the panel', new Form(
                self::number('amps', 'its rating'),
                Field::whole('poles', 'how many')->atLeast(1)->optional(self::NOT_KNOWN), self::flag('held_down', 'with a hold-down'),
            )),
            self::groupOrNone('conductors', 'from inlet or machine to the house', new Form(
                self::size(), ConductorFields::material()->optional(self::NOT_KNOWN),
                Field::numberChoice('terminal_c', 'temperature rating of the terminals, °C', [60, 75])->optional(self::NOT_KNOWN),
                self::number('length_ft', 'one way, feet'),
                Field::choice('wiring', 'how they are laid', self::words(RunMethod::cases()))->optional(self::NOT_KNOWN),
                self::flag('wet', 'part of the run lies in a wet place'),
                self::flag('control_with_power', 'control wires lie with them'),
                self::flag('ground_wire', 'a wire, or a metal raceway that serves as the ground'),
            )),
            self::groupOrNone('panel', 'that the generator feeds', new Form(
                Field::choice('kind', 'main or sub', ['main', 'sub'])->optional(self::NOT_KNOWN),
                self::flag('neutral_bonded', 'neutral and ground are bonded in it'),
                self::flag('has_multiwire', 'it has multiwire branch circuits'),
                self::flag('interlock_listed_for_panel', 'the interlock is listed for it'),
                self::flag('generator_space_adjacent_to_main', 'the generator breaker sits where the interlock needs it'),
            )),
            self::groupOrNone('transfer', 'what keeps the sources apart', new Form(
                self::number('amps', 'its rating'), self::flag('service_rated', 'marked suitable for use as service equipment'),
                self::flag('switches_neutral', 'it breaks the neutral'), self::flag('at_service', 'it is the service disconnect'),
                self::number('service_amps', 'of the service disconnect that it stands at'),
                self::number('full_load_w', 'watts that it transfers'), self::flag('load_shedding', 'loads are shed by themselves'),
                self::flag('splices_in_panel', 'circuits are spliced in the panel'),
                self::flag('moved_circuits_with_neutral', 'left out where branch neutrals stay in the panel by its listing'),
                self::flag('afci_kept', 'AFCI and GFCI stand in both positions'),
                self::number('circuit_breaker_max_a', 'largest breaker that it takes for a circuit'),
                self::number('largest_moved_circuit_a', 'largest breaker of a moved circuit'),
                self::flag('electrode_connected', 'the electrode of the separately derived machine is connected'),
            )),
            self::group('local', 'what authority and utility say', new Form(
                self::flag('splices_in_panel_allowed', 'splices in a panel are allowed'), self::flag('permit', 'there is a permit'),
                self::flag('utility_approved_collar', 'the utility approved the meter adapter'),
            )),
            self::group('site', 'where the machine stands', new Form(
                Field::choice('kind', 'of the machine', ['portable', 'standby'])->optional(self::NOT_KNOWN),
                self::number('distance_to_house_ft', 'feet'), self::number('distance_to_opening_ft', 'feet'),
                self::number('distance_to_combustible_wall_ft', 'feet'),
                self::number('fire_tested_clearance_ft', 'feet that its listing or a fire test allows'),
                self::flag('indoors', 'it stands indoors'), self::flag('level', 'on level ground'),
                self::number('service_clear_ft', 'feet to work at it'), self::flag('flood_or_snow_clear', 'above flood and snow'),
                Field::choice('other_sources', 'solar or a battery on the part that is fed', ['none', 'isolated', 'connected'])
                    ->optional(self::NOT_KNOWN),
                self::flag('co_alarm', 'there are carbon monoxide alarms'), self::flag('outside_stop', 'an emergency stop outside'),
            )),
            self::group('labels', 'what is marked', new Form(
                self::flag('inlet', 'at the inlet'), self::flag('service', 'at the service'), self::flag('panel', 'the directory'),
            )),
            self::group('loads', 'planned on the legs', new Form(
                self::number('a_amps', 'leg A'), self::number('b_amps', 'leg B'), self::number('start_peak_a', 'the worst start'),
            )),
            self::groupOrNone('gas', 'pipe and meter', new Form(
                self::number('pipe_capacity_btuh', 'what the pipe brings'), self::number('load_btuh', 'what the pipe must bring'),
                self::number('meter_capacity_btuh', 'what the meter passes'), self::number('meter_load_btuh', 'everything on the meter'),
            )),
        );
    }

    /** @throws Refused on "conductors.size" where there is no such conductor */
    public static function read(Values $in): Arrangement
    {
        $of = fn (string $name): Values => $in->group($name) ?? new Values([]);
        [$generator, $cord, $inlet, $breaker] = array_map($of, ['generator', 'cord', 'inlet', 'breaker']);
        [$run, $panel, $transfer, $local] = array_map($of, ['conductors', 'panel', 'transfer', 'local']);
        [$site, $labels, $loads, $gas] = array_map($of, ['site', 'labels', 'loads', 'gas']);
        $none = fn (string $name): bool => $in->flagOrNull($name) === false;

        return new Arrangement(
            MeansOfTransfer::tryFrom($in->textOrNull('connection') ?? ''),
            new GeneratorFacts(
                $generator->numberOrNull('outlet_a'), $generator->wholeOrNull('outlet_volts'), self::is($generator, 'neutral', 'bonded'),
                $generator->flagOrNull('gfci'), $generator->numberOrNull('run_w'), $generator->numberOrNull('surge_w'),
                $generator->numberOrNull('nameplate_a'), $generator->flagOrNull('listed'), $generator->flagOrNull('own_breaker'),
            ),
            new CordFacts(
                CordEnds::tryFrom($cord->textOrNull('ends') ?? ''), ConductorSize::tryFrom($cord->textOrNull('size') ?? ''),
                $cord->numberOrNull('amps_rating'), $cord->numberOrNull('length_ft'), $cord->flagOrNull('ground_wire'), $none('cord'),
            ),
            new InletFacts(
                $inlet->numberOrNull('amps'), $inlet->flagOrNull('wet_rated'), $inlet->flagOrNull('male_recessed'),
                self::is($inlet, 'mounted_to', 'siding_only'), $none('inlet'),
            ),
            new BreakerFacts(
                $breaker->numberOrNull('amps'), $breaker->wholeOrNull('poles'), $breaker->flagOrNull('held_down'), $none('breaker'),
            ),
            new WiringFacts(
                ConductorSize::tryFrom($run->textOrNull('size') ?? ''), Material::tryFrom($run->textOrNull('material') ?? ''),
                $run->wholeOrNull('terminal_c'), $run->numberOrNull('length_ft'), RunMethod::tryFrom($run->textOrNull('wiring') ?? ''),
                $run->flagOrNull('wet'), $run->flagOrNull('control_with_power'), $run->flagOrNull('ground_wire'), $none('conductors'),
            ),
            new PanelFacts(
                self::is($panel, 'kind', 'sub'), $panel->flagOrNull('neutral_bonded'), $panel->flagOrNull('has_multiwire'),
                $panel->flagOrNull('interlock_listed_for_panel'), $panel->flagOrNull('generator_space_adjacent_to_main'), $none('panel'),
            ),
            new TransferFacts(
                $transfer->numberOrNull('amps'), $transfer->flagOrNull('service_rated'), $transfer->flagOrNull('switches_neutral'),
                $transfer->flagOrNull('at_service'), $transfer->numberOrNull('service_amps'), $transfer->numberOrNull('full_load_w'),
                $transfer->flagOrNull('load_shedding'), $transfer->flagOrNull('splices_in_panel'),
                $transfer->flagOrNull('moved_circuits_with_neutral'), $transfer->flagOrNull('afci_kept'),
                $transfer->numberOrNull('circuit_breaker_max_a'), $transfer->numberOrNull('largest_moved_circuit_a'),
                $transfer->flagOrNull('electrode_connected'), $none('transfer'),
            ),
            new LocalFacts(
                $local->flagOrNull('splices_in_panel_allowed'), $local->flagOrNull('permit'), $local->flagOrNull('utility_approved_collar'),
            ),
            new PlaceFacts(
                self::is($site, 'kind', 'standby'), $site->numberOrNull('distance_to_house_ft'),
                $site->numberOrNull('distance_to_opening_ft'), $site->numberOrNull('distance_to_combustible_wall_ft'),
                $site->numberOrNull('fire_tested_clearance_ft'), $site->flagOrNull('indoors'), $site->flagOrNull('level'),
                $site->numberOrNull('service_clear_ft'), $site->flagOrNull('flood_or_snow_clear'),
                self::is($site, 'other_sources', 'connected'), $site->flagOrNull('co_alarm'), $site->flagOrNull('outside_stop'),
            ),
            new SignsFacts($labels->flagOrNull('inlet'), $labels->flagOrNull('service'), $labels->flagOrNull('panel')),
            new LegLoadsFacts($loads->numberOrNull('a_amps'), $loads->numberOrNull('b_amps'), $loads->numberOrNull('start_peak_a')),
            new GasFacts(
                $gas->numberOrNull('pipe_capacity_btuh'), $gas->numberOrNull('load_btuh'), $gas->numberOrNull('meter_capacity_btuh'),
                $gas->numberOrNull('meter_load_btuh'), $none('gas'),
            ),
        );
    }

    /** @return ?bool null: the field is missing */
    private static function is(Values $in, string $field, string $word): ?bool
    {
        $given = $in->textOrNull($field);

        return $given === null ? null : $given === $word;
    }

    private static function number(string $name, string $meaning): Field
    {
        return Field::number($name, $meaning)->optional(self::NOT_KNOWN);
    }

    private static function flag(string $name, string $meaning): Field
    {
        return Field::flag($name, $meaning)->optional(self::NOT_KNOWN);
    }

    private static function size(): Field
    {
        return ConductorFields::size()->optional(self::NOT_KNOWN);
    }

    private static function group(string $name, string $meaning, Form $form): Field
    {
        return Field::group($name, $meaning, $form)->optional(self::NOT_KNOWN);
    }

    private static function groupOrNone(string $name, string $meaning, Form $form): Field
    {
        return Field::of($name, new GroupOrNoneType($form), "$meaning; false: there is none")->optional(self::NOT_KNOWN);
    }

    /**
     * @param  list<MeansOfTransfer|CordEnds|RunMethod>  $cases
     * @return list<string>
     */
    private static function words(array $cases): array
    {
        return array_map(fn (MeansOfTransfer|CordEnds|RunMethod $case): string => $case->value, $cases);
    }
}
