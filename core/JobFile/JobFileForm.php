<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use BackedEnum;
use Underpin\Codebook\LocalRules;
use Underpin\Codebook\Material;
use Underpin\Connection\ConnectionKind;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Demand\DemandMethod;
use Underpin\Loads\Duty;
use Underpin\Loads\Interval\IntervalSeries;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Measure\Measured;
use Underpin\Loads\PhaseOfUse;
use Underpin\Loads\Role;
use Underpin\Loads\School;
use Underpin\Loads\Season;
use Underpin\Outage\StartSchool;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\ExistingFault;
use Underpin\Service\Half;
use Underpin\Service\Leg;
use Underpin\Service\PanelKind;
use Underpin\Service\Protection;
use Underpin\Service\Service;
use Underpin\Service\Slot;
use Underpin\Sizing\Bond;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\MachineForm;
use Underpin\Sizing\Outlet;
use Underpin\Wiring\WireRun;
use Underpin\Wiring\WiringMethod;

/** The fields of a job file in JSON. The published schema is written from this form. */
final class JobFileForm
{
    public const FORMAT = 'underpin-job';

    public const VERSION = 1;

    public const MOST_PANELS = 20;

    public const LONGEST_ID = 60;

    public static function form(): Form
    {
        return new Form(
            Field::choice('format', 'names this format', [self::FORMAT]),
            Field::numberChoice('version', 'of this format', [self::VERSION]),
            Field::text('name', 'the job, as on its card')->required()->atMost(100),
            Field::group('customer', 'for whom and where', self::customer())->optional('empty'),
            Field::group('local_rules', 'what the local authority says', self::localRules())->optional('the code without amendments'),
            Field::text('rules_profile', 'key of the profile that the local rules were taken from')->atMost(40),
            Field::whole('service_a', 'rating of the service, amperes')->atLeast(30)->atMost(600)->optional('not looked at'),
            Field::group('service', 'the way from the utility to the panels', self::service())->optional('not looked at'),
            Field::number('margin_pct', 'share of the running limit to keep free, per cent')->atMost(90)->default(20),
            Field::items('panels', 'the panels, the one that the generator feeds first', self::panel())->atMost(self::MOST_PANELS),
            Field::group('machine', 'the generator picked', self::machine())->optional('none picked'),
            self::enum('fuel', 'what the generator burns here', Fuel::class)->optional('none picked'),
            self::enum('connection', 'the way of connecting picked', ConnectionKind::class)->optional('none picked'),
            Field::group('wire', 'the way from the machine to the panel', self::wire())->optional('not measured'),
            self::enum('start_school', 'which comes first at the start', StartSchool::class)->default(StartSchool::WarmFirst->value),
            Field::text('notes', 'free notes')->atMost(5000),
            Field::items('existing', 'answers about backup equipment that is there already', new Form(
                self::enum('question', 'the fault asked for', ExistingFault::class),
                Field::flag('found', 'the fault is there'),
            ))->atMost(count(ExistingFault::cases()))->optional('nothing was looked at'),
            Field::group('site', 'fuel, ground and climate', self::site())->optional('not known'),
            Field::group('demand', 'inputs of the code\'s load calculation, as the calculator "demand" takes them', DemandInputs::form())->optional('not begun'),
            self::enum('figures', 'which of the three ways of knowing the loads sizing uses', School::class)->default(School::List->value),
            Field::text('figures_reason', 'why that one')->atMost(500),
            Field::group('recorded', 'peak of the utility\'s interval data', self::recorded())->optional('not brought in'),
        );
    }

    public static function recorded(): Form
    {
        return new Form(
            Field::number('peak_w', 'highest quarter-hour mean: watts, or volt-amperes where is_va'),
            Field::text('at', 'local date and time of it')->atMost(20),
            Field::number('days', 'how long was recorded, days')->atMost(36_500),
            Field::numberChoice('interval_s', 'length of an interval, seconds', IntervalSeries::LENGTHS_S),
            Field::whole('missing', 'intervals that are not there'),
            Field::flag('sent_out', 'power was sent to the utility')->default(false),
            Field::flag('is_va', 'the meter records volt-amperes')->default(false),
            Field::text('file', 'name of the file')->atMost(120),
        );
    }

    public static function service(): Form
    {
        return new Form(
            self::enum('place', 'where the service is switched off', DisconnectPlace::class)->optional('not looked at'),
            Field::items('disconnects', 'ahead of the panels; none when the panel\'s own main is the disconnect', self::disconnect())->atMost(Service::MOST_DISCONNECTS),
        );
    }

    public static function disconnect(): Form
    {
        return new Form(
            Field::id()->atMost(self::LONGEST_ID),
            Field::text('name', 'as it is marked')->required()->atMost(60),
            Field::whole('amps', 'its rating, amperes')->atLeast(15)->atMost(1200),
            Field::flag('bonded', 'neutral and ground are bonded in it')->optional('not looked'),
        );
    }

    public static function site(): Form
    {
        return new Form(
            Field::number('gas_meter_cfh', 'capacity of the gas meter, cubic feet an hour; 0: no gas here')->atMost(100_000)->optional('not known'),
            Field::number('propane_tank_gal', 'size of the propane tank, gallons; 0: none')->atMost(100_000)->optional('not known'),
            Field::number('gasoline_gal', 'gasoline that is safe to keep, gallons; 0: none')->atMost(10_000)->optional('not known'),
            Field::number('altitude_ft', 'altitude, feet')->atLeast(-1500)->atMost(20_000)->optional('not known'),
            Field::number('hottest_f', 'hottest day, °F')->atLeast(-40)->atMost(140)->optional('not known'),
            Field::number('coldest_f', 'coldest day, °F')->atLeast(-90)->atMost(100)->optional('not known'),
            Field::number('snow_in', 'deepest snow, inches')->atMost(600)->optional('not known'),
            Field::flag('level', 'level ground for a machine')->optional('not looked'),
            Field::flag('above_flood', 'that place lies above the flood line')->optional('not known'),
        );
    }

    public static function customer(): Form
    {
        return new Form(
            Field::text('name', 'customer')->atMost(100),
            Field::text('address', 'where the work is done')->atMost(200),
            Field::text('phone', 'telephone')->atMost(40),
            Field::text('email', 'mail address')->atMost(200),
        );
    }

    public static function localRules(): Form
    {
        return new Form(
            Field::text('authority', 'who decides')->atMost(100),
            Field::text('edition', 'code edition in force')->atMost(40),
            Field::flag('splices_in_panel', 'splices are allowed inside a panel')->default(true),
            Field::flag('permit', 'a permit is needed')->default(true),
            Field::flag('inspection', 'the work is inspected')->default(true),
            Field::number('portable_ft', 'feet that a portable machine keeps from the house')->atLeast(LocalRules::LEAST_PORTABLE_FT)->atMost(200)->default(LocalRules::LEAST_PORTABLE_FT),
            Field::text('who', 'who may do the work')->atMost(200),
            Field::items('calculations', 'load calculations that are accepted', new Form(self::enum('method', 'one of them', DemandMethod::class)))->atMost(4)->optional('all'),
            Field::text('notes', 'free notes')->atMost(2000),
            Field::text('source', 'where this was read or who said it')->atMost(200),
            Field::text('dated', 'when, as YYYY-MM-DD')->atMost(10),
        );
    }

    public static function machine(): Form
    {
        return new Form(
            Field::id()->atMost(self::LONGEST_ID),
            Field::text('name', 'as the catalogue lists it')->required()->atMost(100),
            self::enum('form', 'portable, two in parallel, or standby', MachineForm::class),
            Field::numberChoice('volts', '120: one hot wire; 240: two legs and a neutral', [120, 240]),
            self::enum('outlet', 'the largest outlet that could feed a panel', Outlet::class),
            Field::whole('outlet_a', 'amperes of that outlet, or of the machine\'s own breaker')->atLeast(15)->atMost(600),
            self::enum('neutral', 'tied to the frame or not', Bond::class),
            Field::flag('gfci', 'that outlet has ground-fault protection'),
            Field::items('ratings', 'one for each fuel', new Form(
                self::enum('fuel', 'the fuel', Fuel::class),
                Field::number('run_w', 'running watts')->over(0)->atMost(500_000),
                Field::number('peak_w', 'advertised peak watts, at least run_w')->atMost(2_000_000),
            ))->atMost(4),
            Field::whole('price_usd', 'price, whole dollars'),
        );
    }

    public static function panel(): Form
    {
        return new Form(
            Field::id()->atMost(self::LONGEST_ID),
            Field::text('name', 'as marked on its door')->required()->atMost(100),
            self::enum('kind', 'main or sub', PanelKind::class)->default(PanelKind::Main->value),
            Field::whole('spaces', 'number of spaces, even')->atLeast(2)->atMost(Slot::HIGHEST_SPACE),
            Field::whole('main_a', 'rating of its own main breaker, amperes')->atLeast(15)->atMost(1200)->optional('no main breaker'),
            Field::flag('interlock_listed', 'an interlock listed for this panel is to be had')->optional('not looked up'),
            Field::numberChoice('interlock_space', 'upper of the two spaces that the generator breaker takes', [1, 2])->default(1),
            Field::flag('has_multiwire', 'has multiwire branch circuits')->optional('not looked'),
            Field::text('fed_from', 'id of the panel or disconnect that feeds it; empty: the service itself')->atMost(60),
            Field::whole('feeder_a', 'breaker of its feeder, amperes')->atLeast(15)->atMost(1200)->optional('none, or not known'),
            Field::text('feeder_circuit', 'id of that breaker, where it is a circuit of the panel before it')->atMost(60),
            Field::flag('bonded', 'neutral and ground are bonded in it')->optional('not looked'),
            Field::text('tandem_spaces', 'spaces whose label accepts tandem or quad breakers, as "17-24, 30" or "none"; empty: not looked')->atMost(200),
            Field::items('circuits', 'its breakers', self::circuit())->atMost(2 * Slot::HIGHEST_SPACE),
        );
    }

    public static function circuit(): Form
    {
        return new Form(
            Field::id()->atMost(self::LONGEST_ID),
            Field::whole('space', 'its upper space')->atLeast(1)->atMost(Slot::HIGHEST_SPACE),
            self::enum('half', 'half of its upper space in a tandem or quad: upper (a) or lower (b)', Half::class)->optional('a whole space'),
            Field::numberChoice('poles', 'two poles take the space and the next but one', [1, 2])->default(1),
            Field::whole('amps', 'rating of the breaker, amperes')->atLeast(5)->atMost(600),
            Field::text('name', 'what it feeds')->atMost(100),
            self::enum('protection', 'beyond overcurrent', Protection::class)->default(Protection::None->value),
            self::enum('role', 'when utility power is out', Role::class)->default(Role::Off->value),
            Field::text('note', 'free note')->atMost(1000),
            Field::text('keep_on', 'when it must not lose power while the crew works; empty: it may')->atMost(100),
            Field::whole('receptacle_a', 'rating of the one receptacle on it, amperes')->atLeast(15)->atMost(60)->optional('several, none, or not looked'),
            Field::group('measured', 'what a clamp meter found', self::measured())->optional('not measured'),
            Field::items('loads', 'what hangs on it', self::load())->atMost(50),
        );
    }

    public static function measured(): Form
    {
        return new Form(
            self::enum('leg', 'where the current rose', Leg::class),
            Field::number('run_a', 'amperes once it had settled')->atMost(Measured::MOST_A),
            Field::number('start_a', 'highest amperes of the start, at least run_a')->atMost(Measured::MOST_A),
            Field::text('on', 'the day, as YYYY-MM-DD')->atMost(10),
            Field::flag('by_hand', 'read off a meter and typed in')->default(false),
        );
    }

    public static function load(): Form
    {
        return new Form(
            Field::id()->atMost(self::LONGEST_ID),
            Field::text('name', 'what it is')->required()->atMost(100),
            self::enum('kind', 'what sort of thing', LoadKind::class)->default(LoadKind::Other->value),
            Field::number('run_w', 'watts while running')->atMost(Load::MOST_W)->optional('not known'),
            Field::number('start_w', 'watts at the moment of starting, at least run_w')->atMost(Load::MOST_W)->optional('not known: as running'),
            Field::number('pf', 'power factor')->over(0)->atMost(1)->default(1),
            self::enum('duty', 'how long it stays on', Duty::class)->optional('as its kind usually does'),
            Field::number('on_s', 'seconds on in a cycle')->over(0)->atMost(86_400)->optional('not known'),
            Field::number('off_s', 'seconds off in a cycle')->over(0)->atMost(86_400)->optional('not known'),
            self::enum('season', 'the half of the year it runs in', Season::class)->optional('all year'),
            self::enum('phase', 'the part of the day it is used in', PhaseOfUse::class)->optional('any'),
        );
    }

    public static function wire(): Form
    {
        return new Form(
            Field::number('cord_ft', 'length of the cord with slack, feet')->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::number('run_ft', 'inlet to panel one way, feet')->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::numberChoice('inlet_a', 'rating of the inlet, amperes', [20, 30, 50])->optional('as the outlet'),
            self::enum('method', 'how the run is laid', WiringMethod::class)->default(WiringMethod::Conduit->value),
            self::enum('material', 'cu copper, al aluminum', Material::class)->default(Material::Copper->value),
            Field::numberChoice('terminal_c', 'temperature rating of the terminals, °C', [60, 75])->default(60),
            Field::number('ambient_c', 'hottest place along the run, °C')->atLeast(-60)->atMost(70)->default(30),
            Field::flag('wet', 'part of the run lies in a wet place')->default(false),
        );
    }

    /** @param  class-string<BackedEnum>  $enum of strings */
    private static function enum(string $name, string $meaning, string $enum): Field
    {
        return Field::choice($name, $meaning, array_map(fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }
}
