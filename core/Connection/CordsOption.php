<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Load;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Service\Circuit;
use Underpin\Service\Leg;
use Underpin\Sizing\MachineForm;

/** Extension cords from the machine to the appliances: nothing is connected to the house wiring. */
final class CordsOption implements ConnectionOption
{
    public function judge(JobFile $job): ConnectionVerdict
    {
        $plan = Plan::of($job);
        $dead = array_values(array_filter($plan->must, fn (Circuit $c): bool => ! self::hasPlugs($c)));
        $reasons = [Reason::note('Nothing is connected to the house wiring, so nothing can feed back. Cords outdoors are rated for it, run in the open and through no pinched door.', Source::nec('400.12'))];
        if ($plan->must === []) {
            $reasons[] = Reason::open('Mark the circuits that must run: only what has a plug can be served.', Source::practice('cord use'));
        }
        if ($dead !== []) {
            $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $dead));
            $reasons[] = Reason::stops("$names must run and ".(count($dead) === 1 ? 'has' : 'have').' no plug for a 120 V cord.', Source::practice('wired-in loads'));
        }
        if ($job->supply?->machine->form === MachineForm::Standby) {
            $reasons[] = Reason::stops('A standby machine has no outlets for cords.', Source::nec('702.5'));
        }

        return new ConnectionVerdict(
            ConnectionKind::Cords,
            $reasons,
            array_values(array_filter([...$plan->must, ...$plan->room], self::hasPlugs(...))),
            $dead,
            'Run a cord to each appliance and plug them in one at a time. Slow, and a cord that cannot be found is a cord that does not help.',
        );
    }

    private static function hasPlugs(Circuit $circuit): bool
    {
        $hardWired = array_filter($circuit->loads, fn (Load $load): bool => $load->kind->isHardWired());

        return $circuit->leg() !== Leg::AB && $circuit->loads !== [] && $hardWired === [];
    }
}
