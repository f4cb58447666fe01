<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Season;
use Underpin\Outage\House\Home;
use Underpin\Refused;

/** What is asked of an outage that is to be acted out. */
final class OutageForm
{
    public const MOST_SEED = 1_000_000;

    private const LONGEST_KEY = 200;

    public static function form(): Form
    {
        return new Form(
            Field::enum('season', 'half of the year', Season::class)->label('Season')->default('winter'),
            Field::number('hours', 'until the utility is back')->label('Lasts')->in(Unit::Hours)->over(0)->atMost(Scenario::LONGEST_H)
                ->default(72),
            Field::number('start_hour', 'hour of the day at which it begins, 0 to 23')->label('Begins at hour')->atMost(23)->default(18),
            Field::enum('home', 'who is at home', Home::class)->label('At home')->default('always'),
            Field::flag('fetches', 'somebody can fetch more fuel')->label('More fuel')->default(false),
            Field::number('deed_h', 'hours from its beginning')->label('After')->in(Unit::Hours)->atMost(Scenario::LONGEST_H)
                ->optional('nobody does'),
            Field::text('deed', 'what somebody does then: "on" or "off", and the id of a circuit')->label('Somebody')->default('')
                ->atMost(self::LONGEST_KEY),
            Field::whole('seed', 'which of the outages that are alike')->label('Outage')->atMost(self::MOST_SEED)->default(1),
            Field::text('machine', 'machine and fuel')->label('Machine')->default('')->atMost(self::LONGEST_KEY),
            Field::text('beside', 'what is put beside it')->label('Beside it')->default('')->atMost(self::LONGEST_KEY),
        );
    }

    public static function scenario(Values $in): Scenario
    {
        return new Scenario(
            Season::from($in->text('season')), $in->number('hours'), $in->number('start_hour'), Home::from($in->text('home')),
            $in->flag('fetches'), self::deeds($in), $in->whole('seed'),
        );
    }

    /** @return list<Deed> */
    private static function deeds(Values $in): array
    {
        $at = $in->numberOrNull('deed_h');
        [$how, $circuit] = [...explode(' ', $in->text('deed'), 2), ''];
        if ($at === null || $in->text('deed') === '') {
            return [];
        }

        return match ($how) {
            'on', 'off' => [new Deed($at, $circuit, $how === 'on')],
            default => throw new Refused('deed', "Somebody must turn a circuit on or off; \"$how\" was given."),
        };
    }
}
