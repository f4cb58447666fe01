<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** What is hung, set or moved before a conductor is pulled. */
final class Mounting extends Section
{
    protected function title(): string
    {
        return 'Mount';
    }

    public function steps(WorkSite $site): array
    {
        return [
            ...$this->moves($site), ...array_map($this->mount(...), $site->mounted()),
            ...array_merge([], ...array_map(fn (Component $c): array => $this->inside($site, $c), $site->built->components())),
        ];
    }

    /** @return list<ChecklistStep> breakers that make room, each by itself and in an order in which its place is free */
    private function moves(WorkSite $site): array
    {
        $panel = $site->way->platedPanel($site->design->situation());
        if ($panel === null || $site->way->inTheWay($site->design->situation()) === []) {
            return [];
        }
        $moves = $site->design->situation()->moves($panel);

        return $moves->plan->isPossible() ? array_map(fn (string $move, int $n): ChecklistStep => $this->step(
            "move:$panel->id.$n", StepKind::Mount, "Move $move, in $panel->name.",
            'A multiwire circuit keeps its two legs and its common handle; the directory follows.', Source::nec('210.4, 408.4(A)'),
        ), $moves->words(), array_keys($moves->words())) : [];
    }

    private function mount(Component $component): ChecklistStep
    {
        [$text, $why, $source] = match ($component->kind) {
            ComponentKind::Inlet => [
                "$component->name: screwed to framing or blocking, not to siding alone, cover closing over it, gasket and sealant "
                    .'around, where '
                    .'it can be reached at night and in snow.',
                'A cord pulls at it for years, and rain stands behind it.', Source::nec('110.11, 110.13(A)'),
            ],
            ComponentKind::Generator => [
                "$component->name: on its level pad, at the spot of the site plan, bolted as its instructions say; the distances "
                    .'measured again.',
                'What was drawn and what was poured differ more often than one thinks.', new Source('NFPA 37', '4.1'),
            ],
            ComponentKind::Surge => [
                "$component->name: at its place, its leads as short as they can be.", 'Every inch of lead lets more of the surge through.',
                Source::nec('230.67'),
            ],
            default => [
                "$component->name: screwed to framing or a backboard, upright, with its working space of 30 in by 36 in free.",
                'Screws in drywall or siding let go; whoever serves it needs the room.', Source::nec('110.13(A), 110.26(A)'),
            ],
        };

        return $this->step("mount:$component->id", StepKind::Mount, $text, $why, $source);
    }

    /** @return list<ChecklistStep> breakers and plates that go into a box */
    private function inside(WorkSite $site, Component $component): array
    {
        $in = $site->built->nameOf($component->inside ?? '');
        $spaces = $component->spaces === [] ? '' : ' in spaces '.implode(' and ', $component->spaces);

        return match ($component->kind) {
            ComponentKind::Breaker => $component->inside === 'generator' ? [] : [$this->step(
                "mount:$component->id", StepKind::Mount, "$component->name, $component->amps A: seated".($spaces === '' ? " in $in"
                    : "$spaces of $in")
                    .($component->spaces === [] ? '.' : ', its hold-down fastened; pulled at, it stays.'),
                $component->spaces === [] ? 'Of the make that the label of the enclosure lists.'
                    : 'It is back-fed: pulled out, its stabs would be live. Of the make that the label of the panel lists.',
                Source::nec($component->spaces === [] ? '110.3(B)' : '408.36(D), 110.3(B)'),
            )],
            ComponentKind::Interlock => [$this->step(
                "mount:$component->id", StepKind::Mount, "$component->name: fitted to $in as its instructions show, every screw of the "
                    .'kit in.',
                'One that was made for another panel may not lock.', Source::nec('110.3(B), 702.5(A)'),
            )],
            default => [],
        };
    }
}
