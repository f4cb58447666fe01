<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Photo;
use App\Photos\PhotoOf;
use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepGroup;
use Underpin\Checklist\StepState;
use Underpin\Job\Part\WorkPart;

/** A list of steps as its page shows it. */
final readonly class WorkScreen
{
    /** @var array<string, list<Photo>> by step, with a blank before its key */
    private array $photos;

    public function __construct(JobScreen $screen, public Checklist $list)
    {
        $photos = [];
        foreach ($screen->row->photos as $photo) {
            if ($photo->of === PhotoOf::Step->value) {
                $photos[" $photo->of_key"][] = $photo;
            }
        }
        $this->photos = $photos;
    }

    /** @return list<Photo> */
    public function photos(ChecklistStep $step): array
    {
        return $this->photos[" $step->key"] ?? [];
    }

    /** @return array<string, array{n: int, group: StepGroup, open: bool, work: self}> what each group's view takes, by the part's name */
    public function groups(): array
    {
        $next = $this->list->next();
        $groups = [];
        foreach ($this->list->groups() as $n => $group) {
            $isOpen = in_array($next, $group->steps, true) || array_filter(
                $group->steps, fn (ChecklistStep $s): bool => in_array($this->list->state($s), [StepState::Out, StepState::Changed], true),
            ) !== [];
            $groups["group-$n"] = ['n' => $n, 'group' => $group, 'open' => $isOpen, 'work' => $this];
        }

        return $groups;
    }

    /** What a group waits for: the first thing before it that is not done; null: its turn has come, or it is done. */
    public function firstBefore(StepGroup $group): ?ChecklistStep
    {
        $first = $this->list->waitsFor($group->steps[0]);

        return $group->isDone() || in_array($first, $group->steps, true) ? null : $first;
    }

    /** As a class and for a style: how it stands, or that it waits. */
    public function mark(ChecklistStep $step): string
    {
        $state = $this->list->state($step);

        return $state === StepState::Open && $this->list->waitsFor($step) !== null ? 'waits' : $state->value;
    }

    /** @return array<string, mixed> what stands there of it, to compare with when it is saved */
    public function was(ChecklistStep $step): array
    {
        $record = $this->list->record($step);
        $nothing = ['by' => null, 'value' => null, 'label' => null, 'tool' => null, 'note' => null];

        return $record === null ? $nothing : array_intersect_key(WorkPart::writeStep($record), $nothing);
    }

    public function initials(): string
    {
        $words = preg_split('/[\s-]+/', auth()->user()->name ?? '', -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return mb_strtoupper(implode('', array_map(fn (string $word): string => mb_substr($word, 0, 1), array_slice($words, 0, 3))));
    }
}
