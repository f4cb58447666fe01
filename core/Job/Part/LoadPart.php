<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Duty;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\PartOfDay;
use Underpin\Job\Season;
use Underpin\Refused;

/** One load on a circuit. */
final class LoadPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::text('name', 'what it is')->label('Load')->required()->atMost(100),
            Field::enum('kind', 'what sort of thing', LoadKind::class)->label('Kind')->default(LoadKind::Other->value),
            Field::number('run_w', 'watts while running')->label('Runs')->in(Unit::Watts)->atMost(Load::MOST_W)->optional('not known'),
            Field::number('start_w', 'watts at the moment of starting, at least run_w')
                ->label('Starts')
                ->in(Unit::Watts)
                ->atMost(Load::MOST_W)
                ->optional('not known: as running'),
            Field::number('pf', 'power factor')->label('PF')->over(0)->atMost(1)->default(1),
            Field::enum('duty', 'how long it stays on', Duty::class)->label('Duty')->optional('as its kind usually does'),
            Field::number('on_s', 'seconds on in a cycle')
                ->label('On')
                ->in(Unit::Seconds)
                ->over(0)
                ->atMost(Load::LONGEST_CYCLE_S)
                ->optional('not known'),
            Field::number('off_s', 'seconds off in a cycle')
                ->label('Off')
                ->in(Unit::Seconds)
                ->over(0)
                ->atMost(Load::LONGEST_CYCLE_S)
                ->optional('not known'),
            Field::enum('season', 'the half of the year it runs in', Season::class)->label('Season')->optional('all year'),
            Field::enum('phase', 'the part of the day it is used in', PartOfDay::class)->label('Used')->optional('any'),
            Field::numberChoice(
                'pole', 'of a two-pole breaker with two 120 V halves, the pole that it hangs on',
                [1 => 'upper, 120 V', 2 => 'lower, 120 V'],
            )->label('Pole')->optional('both, 240 V'),
            Field::flag('plug', 'it has a plug that a 120 V cord can serve')->label('Has a plug')->optional('not looked'),
            Field::number('bridge_min', 'minutes that a battery or a cylinder of its own bridges; 0: nothing does')
                ->label('Bridged for')
                ->in(Unit::Minutes)
                ->atMost(Load::LONGEST_BRIDGE_MIN)
                ->optional('not asked'),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Load $load): array
    {
        return [
            'id' => $load->id, 'name' => $load->name, 'kind' => $load->kind->value,
            'run_w' => $load->runW, 'start_w' => $load->startW, 'pf' => $load->pf,
            'duty' => $load->duty?->value, 'on_s' => $load->onS, 'off_s' => $load->offS, 'season' => $load->season?->value,
            'phase' => $load->partOfDay?->value, 'pole' => $load->pole, 'plug' => $load->plug, 'bridge_min' => $load->bridgeMin,
        ];
    }

    /** @throws Refused by field */
    public static function read(string $id, Values $in): Load
    {
        return new Load(
            $id, $in->text('name'), LoadKind::from($in->text('kind')), $in->numberOrNull('run_w'), $in->numberOrNull('start_w'),
            $in->number('pf'),
            Duty::tryFrom($in->textOrNull('duty') ?? ''), $in->numberOrNull('on_s'), $in->numberOrNull('off_s'),
            Season::tryFrom($in->textOrNull('season') ?? ''), PartOfDay::tryFrom($in->textOrNull('phase') ?? ''),
            $in->wholeOrNull('pole'), $in->flagOrNull('plug'), $in->numberOrNull('bridge_min'),
        );
    }
}
