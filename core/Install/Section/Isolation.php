<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Connection\MeterWork;
use Underpin\Install\OpenedBox;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;
use Underpin\Job\Panel;

/** Everything that can feed the boxes that are opened is opened itself and locked. NFPA 70E 120.5. */
final class Isolation extends Section
{
    protected function title(): string
    {
        return 'Open and lock';
    }

    public function steps(WorkSite $site): array
    {
        $steps = $site->opened() === [] ? [] : [...$this->otherSources($site), ...$this->machine($site), ...$this->meter($site->meter())];
        foreach ($site->opened() as $box) {
            array_push($steps, ...$this->box($site, $box));
        }
        // Two boxes behind one switch: it is opened once.
        $once = [];
        foreach ($steps as $step) {
            $once[$step->key] ??= $step;
        }

        return array_values($once);
    }

    /** @return list<ChecklistStep> */
    private function otherSources(WorkSite $site): array
    {
        $source = $site->job()->service->otherSource;
        $where = $source === null || $source->disconnect === '' ? 'its own disconnect' : "\"$source->disconnect\"";

        return match (true) {
            $source === null => [$this->holding(
                'lock:other', StepKind::Lock, 'Look for anything else that can feed this house (solar, a battery, an older generator, a '
                    .'neighbor\'s '
                    .'cord). What is there is open and locked; if nothing is, note that.',
                'Whether there is solar or a battery was not noted in the survey. A second source does not care that the main is off.',
                Source::nec('705.20, 702.5'),
            )],
            $source->isThere() => [$this->holding(
                'lock:other', StepKind::Lock, ucfirst($source->kind->words()).": open and locked at $where, with your own lock and tag.",
                'It feeds the bus from behind as soon as it sees a voltage, and some batteries without.', Source::nec('705.20'),
            )],
            default => [],
        };
    }

    /** @return list<ChecklistStep> */
    private function machine(WorkSite $site): array
    {
        $machine = $site->supply->machine;
        $source = $machine->form->isStandby() ? Source::nec('445.18(A)') : Source::nec('702.5(A)');

        return [$this->holding('lock:machine', StepKind::Lock, match (true) {
            $machine->form->isStandby() => "$machine->name: controller off, its disconnect open and locked, the lead of its starting "
                .'battery off, '
                .'until the first start.',
            $machine->form->isBattery() => "$machine->name: outlets off, its cord unplugged at both ends, until the first try.",
            default => "$machine->name: stopped, its cord unplugged at both ends, until the first try.",
        }, $machine->form->isStandby() ? 'It starts by itself as soon as its sensing wires are dead.'
            : 'Nobody plugs it in to help.', $source)];
    }

    /** @return list<ChecklistStep> */
    private function meter(MeterWork $meter): array
    {
        return match ($meter) {
            MeterWork::Pulled => [$this->holding(
                'open:meter', StepKind::Open, 'The utility has disconnected the service: the meter is out, and its socket is covered.',
                'Only the utility makes these conductors dead, and only it breaks the seal.', Source::practice('the utility\'s own rules'),
                caution: 'The line side of the meter socket is live.',
            )],
            MeterWork::NotKnown => [$this->holding(
                'open:meter', StepKind::Open, 'It is found out where the service is switched off, and whether the utility disconnects it.',
                'Without that nobody knows what stays live.', Source::nec('230.70'),
            )],
            MeterWork::Stays, MeterWork::Adapter => [],
        };
    }

    /** @return list<ChecklistStep> */
    private function box(WorkSite $site, OpenedBox $box): array
    {
        if ($box->isUtilitys) {
            return [];
        }
        if ($box->panel === null) {
            return [
                $this->opened($box->id, "$box->name: every breaker behind it off, then open it."), $this->locked($box->id, $box->name),
                $this->staysLive($box, 'Its line lugs and everything back to the utility. Only the utility can switch them off.'),
            ];
        }

        return $site->meter() === MeterWork::Pulled ? [
            $this->opened($box->id, "$box->name: every breaker off, and its main if it has one."),
        ] : $this->panel($site, $box, $box->panel);
    }

    /** @return list<ChecklistStep> */
    private function panel(WorkSite $site, OpenedBox $box, Panel $panel): array
    {
        $distribution = $site->design->distribution();
        $node = $distribution->node($panel->id);
        $parent = $node?->parent === null ? null : $distribution->node($node->parent);
        if ($parent !== null && $parent->depth > 0) {
            $ahead = $site->job()->feederOf($panel)?->title() ?? (
                $parent->kind === 'disconnect' ? $parent->name : "the breaker in $parent->name that feeds it"
            );
            $in = str_contains($ahead, $parent->name) ? '' : " in $parent->name";

            return [$this->opened("feeder:$panel->id", "{$this->loadsOff($panel)} open $ahead$in."), $this->locked(
                "feeder:$panel->id", "$ahead$in",
            )];
        }

        return $panel->mainAmps !== null ? [
            $this->opened($box->id, "{$this->loadsOff($panel)} open its main breaker, $panel->mainAmps A."), $this->locked($box->id,
                "the main of $panel->name"),
            $this->staysLive($box, $node->stillLive ?? 'The lugs above its main.'),
        ] : [$this->holding(
            "open:$box->id", StepKind::Open, "$panel->name: the utility has disconnected the service. Nothing in the house is known that "
                .'switches this panel off.',
            $node->stillLive ?? 'Everything in it stays live.', Source::nec('230.70'),
            caution: 'As long as the utility has not been here, nobody takes this cover off.',
        )];
    }

    private function loadsOff(Panel $panel): string
    {
        return "$panel->name: what would suffer is shut down, every branch breaker off, then";
    }

    private function opened(string $key, string $text): ChecklistStep
    {
        return $this->holding(
            "open:$key", StepKind::Open, $text, 'Loads off first: a main that opens under load arcs, and motors that start together '
                .'trip it '
                .'afterwards.',
            new Source('NFPA 70E', '120.5'), caution: 'Stand to the side of the door, not in front of it.',
        );
    }

    private function locked(string $key, string $what): ChecklistStep
    {
        return $this->holding(
            "lock:$key", StepKind::Lock, ucfirst($what).': locked open with your own lock, tagged with name and time; the key is in '
                .'your pocket.',
            'Everybody who works behind it hangs a lock of his own.', new Source('NFPA 70E', '120.4, 120.5'),
        );
    }

    private function staysLive(OpenedBox $box, string $what): ChecklistStep
    {
        return $this->holding(
            "live:$box->id", StepKind::Record, "Stays live in $box->name: ".lcfirst($what).' Everybody who works here has seen where '
                .'that is, and '
                .'the barrier over it is on.',
            'Dead behind the main is not dead in the box.', Source::nec('230.62'),
            caution: 'No hand, tool or fish tape goes above the main.',
        );
    }
}
