<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Connection\MeterWork;
use Underpin\Install\OpenedBox;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** Covers on, and what keeps the sources apart tried with them on. */
final class Closing extends Section
{
    protected function title(): string
    {
        return 'Cover, and what keeps the sources apart';
    }

    public function steps(WorkSite $site): array
    {
        $boxes = [
            ...array_map(fn (OpenedBox $b): array => [$b->id, $b->name], array_filter($site->opened(),
                fn (OpenedBox $b): bool => ! $b->isUtilitys)),
            ...array_map(fn (Component $c): array => [$c->id, $c->name], array_filter(
                $site->mounted(), fn (Component $c): bool => $c->kind !== ComponentKind::Surge,
            )),
        ];
        $once = array_column($boxes, 1, 0);

        return [
            $this->step(
                'inside', StepKind::Record, 'A photo of every box with its cover off; tools counted, nothing lies in it.',
                'It is the last look for years.', Source::practice('record of the work'),
            ),
            ...array_map(fn (string $id, string $name): ChecklistStep => $this->step(
                "cover:$id", StepKind::Cover, "$name: cover on with all of its screws, open spaces filled.",
                'Without it live parts are open to '
                .'hands, and an interlock on the cover locks nothing.', Source::nec('110.12(A), 408.7'),
            ), array_map(strval(...), array_keys($once)), array_values($once)),
            ...$this->switches($site), ...$this->generatorFirst($site),
            $this->holding(
                'restore', StepKind::Record, 'Before a lock comes off: everybody is out, all covers are on, what is not finished is '
                    .'marked and stays '
                    .'locked. Who is licensed for it, and the authority where it asks, decide that it is switched on.',
                'This list says what was done. It does not say that it may be switched on.', Source::practice('before switching on'),
            ),
            ...$this->meterBack($site), ...$this->mainFirst($site),
            $this->step(
                'back', StepKind::Run, 'The main on, then the branch breakers one by one; what was bridged goes back to its circuit, '
                    .'and the house is told.',
                'One that trips shows which.', Source::practice('switching on'),
            ),
        ];
    }

    /** @return list<ChecklistStep> */
    private function meterBack(WorkSite $site): array
    {
        return $site->meter() === MeterWork::Pulled ? [$this->holding(
            'meter-back', StepKind::Run, 'The utility has connected the service again; every breaker and switch behind the meter is still '
                .'off. Leg to leg and each leg to neutral read as they should at the lugs of the first disconnect.',
            'A neutral that was not joined again at the meter burns what is switched on next.',
            Source::practice('the utility\'s own rules'),
            caution: 'The lugs are live from here on.',
        )] : [];
    }

    /** @return list<ChecklistStep> what a plate must not let happen, still dead */
    private function generatorFirst(WorkSite $site): array
    {
        $panel = $site->way->platedPanel($site->design->situation());
        $breaker = $this->breaker($site);

        return $panel === null ? [] : [$this->holding(
            'interlock:main', StepKind::Test, "$panel->name, cover on, the machine's side dead, main off: the $breaker goes on; now the "
                .'main cannot be '
                ."pushed on, by no force of a hand. Then the $breaker off again.",
            'If both can be on, the generator feeds the street: a line worker dies of it.', Source::nec('702.5(A), 110.3(B)'),
            caution: 'Tried with the cover on. Off the cover a plate that is mounted on it locks nothing.',
        )];
    }

    /** @return list<ChecklistStep> the other order, once the main may be on */
    private function mainFirst(WorkSite $site): array
    {
        $panel = $site->way->platedPanel($site->design->situation());

        return $panel === null ? [] : [$this->holding(
            'interlock:generator', StepKind::Test, "$panel->name, cover on, the machine's side dead, branch breakers off, main on: the "
                ."{$this->breaker($site)} "
                .'cannot be pushed on, by no force of a hand.',
            'A plate that locks one way only is none.', Source::nec('702.5(A), 110.3(B)'),
            caution: 'The panel is live behind its cover from here on.',
        )];
    }

    private function breaker(WorkSite $site): string
    {
        return lcfirst($site->built->component(ComponentKind::Breaker)->name ?? 'generator breaker');
    }

    /** @return list<ChecklistStep> */
    private function switches(WorkSite $site): array
    {
        return array_map(fn (Component $c): ChecklistStep => $this->holding(
            "throw:$c->id", StepKind::Test, $site->way->transfersByItself()
                ? "$c->name: thrown by its hand lever, dead, to the generator and back as its instructions show; it never rests on both."
                : "$c->name: thrown dead through every position; none joins both sources, and each goes firmly home.",
            'Listed equipment still has to be seen to move.', Source::nec('702.5(A)'),
        ), $site->built->components(ComponentKind::Switch));
    }
}
