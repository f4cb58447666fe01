<?php

declare(strict_types=1);

namespace App\Documents\Card;

use App\JobFile\EditedJob;
use App\Models\Job;
use App\Models\RehearsalLink;
use Underpin\Connection\OwnerStep;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Outage\SwitchingCard;
use Underpin\Sizing\Supply;

/** The words of a card in the order of the night, for the screen and for paper. */
final readonly class CardContents
{
    private const MOST_GAPS = 4;

    public string $line;

    public string $numbers;

    public string $foot;

    /** @var list<CardSection> those in which something stands */
    public array $sections;

    /** Panels are named where there are several. */
    public bool $namesPanels;

    /** Where somebody of the house rehearses it without an account; null: there is no link. */
    public ?string $rehearsal;

    public function __construct(public SwitchingCard $card, public JobFile $file, Job $row)
    {
        $this->rehearsal = RehearsalLink::standing($row)?->address();
        $rules = $file->authority->rules;
        $this->namesPanels = count($file->service->panels) > 1;
        $this->line = implode(' · ', array_filter([
            $file->name, $file->customer->address, Supply::of($file->generator)?->words(),
        ]));
        $blank = '________________';
        $this->numbers = ' · Electrician: '.$row->shop->name.', '.($row->shop->phone ?: $blank)
            .' · Utility: '.($file->customer->utilityPhone ?: $blank).' · Made '.now()->format('Y-m-d');
        $this->foot = 'Made from the survey and figures of this job. A licensed electrician and the local authority'
            .($rules->authority === '' ? '' : " ($rules->authority)")
            .' decide; this card does not say that anything is safe to energize. '
            .$rules->edition.($rules->dated ? ", local rules as of $rules->dated" : '').($rules->who ? ". Work: $rules->who" : '').'.';
        $this->sections = array_values(array_filter([
            $card->before === [] ? null : new CardSection('Before there is an outage', points: $card->before),
            new CardSection('To the generator', steps: $card->toGenerator),
            new CardSection('Turn on in this order', order: $card->start, isOrder: true),
            $card->room === [] ? null : new CardSection('Then, if you need them', room: $card->room),
            $card->leaveOff === [] ? null : new CardSection('Leave off', off: $card->leaveOff),
            $card->turns === null ? null : new CardSection('Turns: not everything runs at once', points: [
                'Turn on only what has its turn, off before on. The same every day.', ...$card->turns->lines(),
                ...$card->turns->unserved === [] ? [] : ['Never on: '.implode(', ', array_map(
                    fn (Circuit $c): string => $c->title(), $card->turns->unserved,
                )).'.'],
            ], turns: $card->turns),
            $card->running === [] ? null : new CardSection(
                'While it runs', points: array_map(fn (OwnerStep $step): string => $step->do, $card->running),
            ),
            new CardSection('The power is back when', points: $card->signs),
            new CardSection('Back to the utility', steps: $card->back),
        ]));
    }

    public static function of(EditedJob $edited): self
    {
        return new self(SwitchingCard::of($edited->review), $edited->job, $edited->row);
    }

    /** @return list<string> what is said of why it is a draft */
    public function gaps(): array
    {
        return array_map(fn ($gap): string => $gap->what, array_slice($this->card->gaps, 0, self::MOST_GAPS));
    }

    public function moreGaps(): int
    {
        return max(0, count($this->card->gaps) - self::MOST_GAPS);
    }

    public function practice(): string
    {
        $line = '____________ in ____ min, by ____________';

        return $this->card->toGenerator === [] ? ''
            : "One card hangs at the panel, one where the generator is plugged in or stands. Practiced, twice a year: $line · $line"
                .($this->rehearsal === null ? '' : ". On a telephone: $this->rehearsal");
    }
}
