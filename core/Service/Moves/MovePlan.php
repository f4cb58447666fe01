<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/** How two spaces become free, or why they cannot. */
final readonly class MovePlan
{
    /**
     * @param  list<Move>  $moves  in an order in which each place is free at its turn
     * @param  string  $reason  why it cannot be done; empty: it can
     */
    private function __construct(public array $moves, public string $reason)
    {
    }

    /** @param  list<Move>  $moves */
    public static function by(array $moves): self
    {
        return new self($moves, '');
    }

    public static function impossible(string $reason): self
    {
        return new self([], $reason);
    }

    public function isPossible(): bool
    {
        return $this->reason === '';
    }

    public function legChanges(): int
    {
        return count(array_filter($this->moves, fn (Move $m): bool => $m->changesLeg()));
    }

    /** @return array<int, list<string>> the two breakers of each new tandem, by its space */
    public function tandems(): array
    {
        $ids = [];
        foreach ($this->moves as $move) {
            if ($move->to->kind === SeatKind::OnePole) {
                $ids[$move->to->space] = [...$ids[$move->to->space] ?? array_filter([$move->to->beside]), $move->breaker->id];
            }
        }
        ksort($ids);

        return array_map(array_values(...), array_filter($ids, fn (array $each): bool => count($each) === 2));
    }
}
