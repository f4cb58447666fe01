<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Refused;
use Underpin\Sizing\Supply;

/** The part of the thing that will be built that automatic switches add: each with the panel that it feeds. */
final class SwitchesAtHouse
{
    /**
     * @param  array<string, ?int>  $amps  of each switch, by name
     *
     * @throws Refused when no conductor of the tables carries what the machine gives
     */
    public static function build(Situation $situation, Supply $supply, array $amps): Assembly
    {
        $switches = [];
        foreach (array_keys($amps) as $i => $name) {
            $switches[] = new Component($i === 0 ? 'switch' : "switch-$i", ComponentKind::Switch, $name, $amps[$name]);
        }
        $most = array_filter($amps, is_int(...));

        return (new GeneratorFeed($situation, $supply, $most === [] ? null : max($most)))->assembly(
            'Breaker at the machine', ', at its terminals', Source::nec('240.4, 445.13'), null, [], $switches, 'one-pole',
        );
    }

    /** The item of an automatic switch of that rating. */
    public static function item(?int $amps): Item
    {
        return match (true) {
            ($amps ?? 0) <= 100 => Item::Automatic100,
            $amps <= 200 => Item::Automatic200,
            default => Item::Automatic400,
        };
    }

    /** The rating that a switch of a panel needs; null: not known. */
    public static function amps(Situation $situation, Panel $panel): ?int
    {
        return (new AtService($situation, $panel))->switchAmps();
    }
}
