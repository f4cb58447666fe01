<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Fuel;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Prove\ProveList;

/** The steps that this job has, from the answer of the customer to the hand-over: what it does not need does not stand there. */
final readonly class Steps
{
    /** Hours of work in a day. */
    private const DAY_H = 8.0;

    private const DAYS_A_WEEK = 7;

    public const INSTALL = 'install';

    private function __construct(private Design $design, private PriceBook $book)
    {
    }

    /** @return list<Step> each after those that it waits for; none: no way is picked */
    public static function of(Design $design, PriceBook $book): array
    {
        return $design->way()?->isWired() === true && $design->supply() !== null ? (new self($design, $book))->all() : [];
    }

    /** @return list<Step> */
    private function all(): array
    {
        $before = [$this->permit(), $this->machine(), $this->parts(), $this->utility()];
        $gas = $this->gas();
        $keys = [];
        foreach ($before as $step) {
            array_push($keys, ...$step === null ? [] : [$step->key]);
        }
        $install = $this->step(
            self::INSTALL, 'Install', 'Installed', $this->workDays(), $keys, 'by the hours of the work',
            $this->doneOn(InstallList::of($this->design)),
        );
        $prove = $this->step(
            'prove', 'Prove it under load', 'Proven', 1, [self::INSTALL, ...$gas === null ? [] : ['gas']], 'a day',
            $this->doneOn(ProveList::of($this->design)),
        );
        $inspection = $this->design->job->authority->rules->permit
            ? $this->step('inspection', 'Ask for the inspection', 'Inspected', $this->book->terms->inspectionDays, [self::INSTALL],
                'the price book')->required()
            : null;

        return array_values(array_filter([
            $this->quote(), ...$before, $gas, $install, $prove, $inspection,
            $this->step('hand-over', 'Hand over', 'Handed over', 1, ['prove', ...$inspection === null ? [] : ['inspection']], 'a day',
                $this->design->job->handedOverOn()),
        ]));
    }

    /** @param  list<ChecklistStep>  $steps */
    private function doneOn(array $steps): string
    {
        return (new Checklist($steps, $this->design->job->work))->doneOn();
    }

    private function quote(): Step
    {
        $accepted = $this->design->job->quotes->standing()?->answer;
        $sent = $this->design->job->quotes->standing()->on ?? '';

        return new Step(
            'quote', 'Hand the quote over', 'Quote accepted', 0, [], $sent,
            $accepted?->kind === AnswerKind::Accepted ? $accepted->on : $this->design->job->agreed->step('quote')->doneOn,
        );
    }

    private function permit(): ?Step
    {
        return $this->design->job->authority->rules->permit ? $this->paper(
            'permit', 'permit-packet', 'Ask for the permit', 'Permit granted', $this->book->terms->permitDays,
        )->required() : null;
    }

    private function utility(): ?Step
    {
        $asks = $this->design->way()?->meter($this->design->situation())->asksTheUtility() === true;

        return $asks ? $this->paper(
            'utility', 'utility-letter', 'Write to the utility', 'Utility has given its day', $this->book->terms->utilityDays,
        ) : null;
    }

    private function gas(): ?Step
    {
        $pipes = $this->design->supply()?->fuel === Fuel::NaturalGas
            || ($this->design->supply()?->fuel === Fuel::Propane && $this->design->supply()->machine->form->isStandby());

        return $pipes ? $this->paper('gas', 'gas-letter', 'Write to the gas plumber', 'Gas is at the machine', $this->book->terms->gasDays)
            : null;
    }

    private function machine(): ?Step
    {
        $weeks = $this->design->supply()?->machine->leadWeeks;

        return $this->design->job->offer->ownMachine === true ? null : $this->step(
            'machine', 'Order the machine', 'Machine is here', $weeks === null ? null : $weeks * self::DAYS_A_WEEK, ['quote'],
            $weeks === null ? 'ask its supplier: the catalogue does not say' : 'the catalogue',
        );
    }

    private function parts(): Step
    {
        $longest = null;
        $days = 0;
        $machine = $this->design->supply()?->machine->name;
        $unknown = [];
        foreach (PartsList::of($this->design)->lines as $line) {
            $lead = $this->book->part($line->part)?->leadDays;
            [$longest, $days] = $lead !== null && $lead > $days ? [$line, $lead] : [$longest, $days];
            array_push($unknown, ...$lead === null && $line->part !== $machine ? [$line->part] : []);
        }

        return $this->step('parts', 'Order the parts', 'Parts are here', $unknown === [] ? $days : null, ['quote'], match (true) {
            $unknown !== [] => 'no lead time in the price book: '.$unknown[0].(count($unknown) > 1
                ? ' and '.(count($unknown) - 1).' more' : ''),
            $longest instanceof PartLine => "longest: $longest->part",
            default => 'all on the shelf',
        });
    }

    /** Whole days of one person. */
    private function workDays(): int
    {
        $way = $this->design->way();
        $hours = $way === null ? 0.0 : Estimate::of($this->design, $way, $this->book)->hours();

        return max(1, (int) ceil($hours / self::DAY_H));
    }

    private function paper(string $key, string $paper, string $ask, string $done, ?int $days): Step
    {
        $sent = $this->design->job->agreed->lastSent($paper);
        $note = $this->design->job->agreed->step($key);

        return new Step(
            $key, $ask, $done, $note->days ?? $days, ['quote'], $note->begunOn !== '' ? $note->begunOn : ($sent->on ?? ''),
            $note->doneOn !== '' ? $note->doneOn : ($sent?->granted === true ? $sent->backOn : ''),
            $note->days === null ? 'the price book' : 'noted here',
        );
    }

    /**
     * @param  list<string>  $after
     * @param  string  $doneOn  what else than a note says the day
     */
    private function step(string $key, string $ask, string $done, ?int $days, array $after, string $why, string $doneOn = ''): Step
    {
        $note = $this->design->job->agreed->step($key);

        return new Step(
            $key, $ask, $done, $note->days ?? $days, $after, $note->begunOn, $note->doneOn !== '' ? $note->doneOn : $doneOn,
            $note->days === null ? $why : 'noted here',
        );
    }
}
