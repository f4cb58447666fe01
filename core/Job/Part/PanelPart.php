<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\FeederGround;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\SpaceList;
use Underpin\Refused;

/** A panel with its breakers. */
final class PanelPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::text('name', 'as marked on its door')->label('Name on its door')->required()->atMost(100),
            Field::enum('kind', 'main or sub', PanelKind::class)->label('Kind')->default(PanelKind::Main->value),
            Field::whole('spaces', 'number of spaces, even')->label('Spaces')->atLeast(2)->atMost(Position::HIGHEST_SPACE),
            Field::whole('main_a', 'rating of its own main breaker, amperes')
                ->label('Main breaker')
                ->in(Unit::Amperes)
                ->atLeast(Disconnect::LEAST_A)
                ->atMost(Disconnect::MOST_A)
                ->optional('not looked, or none'),
            Field::flag('main_lugs', 'it has main lugs only, no main breaker')->label('Main lugs only')->optional('not looked'),
            Field::whole('bus_a', 'rating of its bus, amperes')
                ->label('Bus')
                ->in(Unit::Amperes)
                ->atLeast(Disconnect::LEAST_A)
                ->atMost(Panel::MOST_BUS_A)
                ->optional('not looked'),
            Field::flag(
                'interlock_listed', 'an interlock listed for this panel is to be had',
            )->label('Interlock listed for this very panel')->optional('not looked up'),
            Field::numberChoice(
                'interlock_space', 'upper of the two spaces that the generator breaker takes',
                [1 => '1 and 3', 2 => '2 and 4'],
            )->label('Beside the main')->default(1),
            Field::flag('has_multiwire', 'has multiwire branch circuits')->label('Multiwire circuits')->optional('not looked'),
            Field::text(
                'fed_from', 'id of the panel or disconnect that feeds it; empty: the service itself',
            )->label('Fed from')->atMost(Job::LONGEST_ID),
            Field::whole('feeder_a', 'breaker of its feeder, amperes')
                ->label('Feeder\'s rating')
                ->in(Unit::Amperes)
                ->atLeast(Disconnect::LEAST_A)
                ->atMost(Disconnect::MOST_A)
                ->optional('none, or not known'),
            Field::text(
                'feeder_circuit', 'id of that breaker, where it is a circuit of the panel before it',
            )->label('Feeder\'s breaker')->atMost(Job::LONGEST_ID),
            Field::flag('bonded', 'neutral and ground are bonded in it')->label('Neutral bonded in it')->optional('not looked'),
            Field::text(
                'tandem_spaces', 'spaces whose label accepts tandem or quad breakers, as "17-24, 30" or "none"; empty: not looked',
            )->label('Tandems allowed in')->atMost(200),
            Field::enum('feeder_ground', 'the ground of its feeder', FeederGround::class)
                ->label('Ground of its feeder')
                ->optional('not looked'),
            Field::flag('other_building', 'it stands in another building than what feeds it')
                ->label('In another building')
                ->optional('not looked'),
            Field::items('circuits', 'its breakers', CircuitPart::form())->label('Circuits')->atMost(2 * Position::HIGHEST_SPACE),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Panel $panel): array
    {
        return [
            'id' => $panel->id,
            'name' => $panel->name,
            'kind' => $panel->kind->value,
            'spaces' => $panel->spaces,
            'main_a' => $panel->mainAmps,
            'main_lugs' => $panel->mainLugs,
            'bus_a' => $panel->busAmps,
            'interlock_listed' => $panel->interlockListed,
            'interlock_space' => $panel->interlockSpace,
            'has_multiwire' => $panel->hasMultiwire,
            'fed_from' => $panel->fedFrom,
            'feeder_a' => $panel->feederAmps,
            'feeder_circuit' => $panel->feederCircuit,
            'bonded' => $panel->bonded,
            'tandem_spaces' => $panel->tandemSpaces?->words() ?? '',
            'feeder_ground' => $panel->feederGround?->value,
            'other_building' => $panel->otherBuilding,
            'circuits' => array_map(CircuitPart::write(...), $panel->circuits),
        ];
    }

    /**
     * @param  string  $path  to this panel in the file
     * @param  FaultList  $faults  takes what is wrong with its circuits
     *
     * @throws Refused when the panel itself cannot be
     */
    public static function read(Values $in, string $path, FaultList $faults): Panel
    {
        $circuits = [];
        foreach ($in->items('circuits') as $i => $circuit) {
            $circuits[$i] = $faults->attempt("$path.circuits.$i", fn (): Circuit => CircuitPart::read($circuit));
        }
        $panel = new Panel(
            $in->text('id'), $in->text('name'), $in->whole('spaces'), PanelKind::from($in->text('kind')), $in->wholeOrNull('main_a'),
            $in->flagOrNull('interlock_listed'), $in->whole('interlock_space'), $in->flagOrNull('has_multiwire'),
            array_values(array_filter($circuits)),
            $in->text('fed_from'), $in->wholeOrNull('feeder_a'), $in->flagOrNull('bonded'),
            $in->text('tandem_spaces') === '' ? null : SpaceList::parse($in->text('tandem_spaces')),
            $in->text('feeder_circuit'), FeederGround::tryFrom($in->textOrNull('feeder_ground') ?? ''), $in->flagOrNull('other_building'),
            $in->flagOrNull('main_lugs'), $in->wholeOrNull('bus_a'),
        );
        $places = array_keys(array_filter($circuits));
        foreach ($panel->positionFaults() as $fault) {
            $faults->add(new Refused("$path.circuits.{$places[$fault->circuit]}.$fault->field", $fault->message));
        }

        return $panel;
    }
}
