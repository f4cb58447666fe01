<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

use Underpin\Refused;

/** The quotes of a job, in the order in which they were handed over. */
final readonly class Quotes
{
    /** @param  list<Quote>  $quotes */
    public function __construct(public array $quotes = [])
    {
    }

    /** Null: there is none. */
    public function last(): ?Quote
    {
        return $this->quotes === [] ? null : $this->quotes[count($this->quotes) - 1];
    }

    /** The one that the job is built by, or may be: the last that was neither declined nor withdrawn. */
    public function standing(): ?Quote
    {
        foreach (array_reverse($this->quotes) as $quote) {
            if ($quote->answer === null || $quote->answer->kind === AnswerKind::Accepted) {
                return $quote;
            }
        }

        return null;
    }

    public function find(string $id): ?Quote
    {
        foreach ($this->quotes as $quote) {
            if ($quote->id() === $id) {
                return $quote;
            }
        }

        return null;
    }

    /** @param  string  $today  YYYY-MM-DD */
    public function state(Quote $quote, string $today): QuoteState
    {
        return match ($quote->answer?->kind) {
            AnswerKind::Accepted => QuoteState::Accepted,
            AnswerKind::Declined => QuoteState::Declined,
            AnswerKind::Withdrawn => QuoteState::Withdrawn,
            null => match (true) {
                $this->find($quote->number.'-'.($quote->revision + 1)) !== null => QuoteState::Replaced,
                $today > $quote->until => QuoteState::Lapsed,
                default => QuoteState::Open,
            },
        };
    }

    public function with(Quote $quote): self
    {
        return new self([...$this->quotes, $quote]);
    }

    /**
     * With what was said to one of them.
     *
     * @throws Refused on "on", "way" or "quote" when that cannot have been said to it
     */
    public function answered(string $id, Answer $answer): self
    {
        $quote = $this->find($id) ?? throw new Refused('quote', "There is no quote $id here.");
        $isAccepted = $answer->kind === AnswerKind::Accepted;
        $ways = array_map(fn (QuotedWay $way): string => $way->way, $quote->ways);
        match (true) {
            $answer->on < $quote->on => throw new Refused('on', "On: {$quote->title()} was handed over on $quote->on; nothing was "
                .'said before.'),
            $isAccepted && $this->find($quote->number.'-'.($quote->revision + 1)) !== null => throw new Refused(
                'quote', "{$quote->title()} was replaced by a revision: that one is accepted, or none.",
            ),
            $isAccepted && $answer->on > $quote->until => throw new Refused(
                'on', "On: {$quote->title()} held until $quote->until. Hand over a revision with a new date.",
            ),
            $isAccepted && ! in_array($answer->way ?? (count($ways) === 1 ? $ways[0] : ''), $ways, true) => throw new Refused(
                'way', 'Which of them: say which of the ways was accepted.',
            ),
            default => null,
        };

        return new self(array_map(fn (Quote $q): Quote => $q->id() === $id ? $q->answered($answer) : $q, $this->quotes));
    }

    /**
     * What was handed over stays as it was: a customer has it in hand.
     *
     * @throws Refused on "quotes" when one of these is other than before, or gone
     */
    public function guard(self $now): void
    {
        foreach ($this->quotes as $quote) {
            if ($now->find($quote->id())?->asHandedOver() != $quote->asHandedOver()) {
                throw new Refused(
                    'quotes', "{$quote->title()} was handed over on $quote->on and is not changed any more. Withdraw it, or make a "
                        .'revision.',
                );
            }
        }
    }
}
