<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

use Underpin\Drawing\Box;

/** An enclosure of a hook-up diagram with its terminals on both sides, from the top down. */
final readonly class HookUpBox
{
    public const ROW = 24.0;

    private const HEAD = 54.0;

    private const FOOT = 34.0;

    private const LETTER = 7.0;

    private const LETTERS = 30;

    private const LEAST_W = 130.0;

    /**
     * @param  list<string>  $left  names of the terminals towards the source
     * @param  list<string>  $right  names of the terminals towards the loads
     */
    public function __construct(
        public string $id, public string $name, public string $rating, public bool $isBonded, public array $left = [],
        public array $right = [], private float $x = 0.0, private float $y = 0.0,
    ) {
    }

    /** The same with one terminal more, where it has not got it yet. */
    public function withTerminal(string $name, bool $onLeft): self
    {
        $have = $onLeft ? $this->left : $this->right;
        if (in_array($name, $have, true)) {
            return $this;
        }
        $terminals = [...$have, $name];

        return new self(
            $this->id, $this->name, $this->rating, $this->isBonded, $onLeft ? $terminals : $this->left, $onLeft ? $this->right : $terminals,
            $this->x, $this->y,
        );
    }

    public function standingAt(float $x, float $y): self
    {
        return new self($this->id, $this->name, $this->rating, $this->isBonded, $this->left, $this->right, $x, $y);
    }

    public function width(): float
    {
        $letters = self::longest($this->left) + self::longest($this->right);

        return max(
            self::LEAST_W, $letters * self::LETTER + 34, mb_strlen($this->name) * 8.6 + 20, mb_strlen($this->rating) * self::LETTER + 20,
        );
    }

    /** @param  list<string>  $names */
    private static function longest(array $names): int
    {
        return max([0, ...array_map(fn (string $n): int => mb_strlen(self::shown($n)), $names)]);
    }

    /** A terminal's name, as much of it as a box has room for. */
    public static function shown(string $terminal): string
    {
        return mb_strimwidth($terminal, 0, self::LETTERS, '…');
    }

    public function height(): float
    {
        return self::HEAD + max(1, count($this->left), count($this->right)) * self::ROW + ($this->isBonded ? self::FOOT : 8);
    }

    public function box(): Box
    {
        return new Box($this->x, $this->y, $this->width(), $this->height());
    }

    /** @return array{float, float} where a wire ends on that side */
    public function screw(string $terminal, bool $onLeft): array
    {
        $row = array_search($terminal, $onLeft ? $this->left : $this->right, true);

        return [$onLeft ? $this->x : $this->x + $this->width(), $this->y + self::HEAD + ((int) $row + 0.5) * self::ROW];
    }
}
