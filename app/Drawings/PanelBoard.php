<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Legs\Leg;

/** Where everything of a panel lies when it is drawn as it hangs on the wall. */
final readonly class PanelBoard
{
    public const WIDTH = 640;

    private const ROW = 44;

    private const TOP = 96;

    private const BREAKER_W = 258;

    public function __construct(public Panel $panel, private Design $design)
    {
    }

    public function height(): int
    {
        return self::TOP + intdiv($this->panel->spaces, 2) * self::ROW + 12;
    }

    /** @return list<array{leg: Leg, odd: int, even: int, box: Box}> one for each row of two spaces */
    public function rows(): array
    {
        $rows = [];
        for ($odd = 1; $odd < $this->panel->spaces; $odd += 2) {
            $rows[] = [
                'leg' => Position::legOfSpace($odd), 'odd' => $odd, 'even' => $odd + 1,
                'box' => new Box(0, $this->top($odd), self::WIDTH, self::ROW),
            ];
        }

        return $rows;
    }

    public function box(Position $position): Box
    {
        $x = self::isRight($position->space) ? self::WIDTH - 42 - self::BREAKER_W : 42;
        $y = $this->top($position->space) + 2;
        $h = $position->poles * self::ROW - 4;

        if ($position->half !== null && $position->poles === 2) {
            // The inner pair of a quad is one handle across the middle; the outer pair starts in the upper half.
            return $position->half === Half::Lower
                ? new Box($x, $y + self::ROW / 2 - 1.5, self::BREAKER_W, self::ROW - 1)
                : new Box($x, $y, self::BREAKER_W, self::ROW / 2 - 2.5);
        }

        return match ($position->half) {
            null => new Box($x, $y, self::BREAKER_W, $h),
            Half::Upper => new Box($x, $y, self::BREAKER_W, self::ROW / 2 - 2.5),
            Half::Lower => new Box($x, $y + self::ROW / 2 - 1.5, self::BREAKER_W, self::ROW / 2 - 2.5),
        };
    }

    /** The second strip of a quad's outer pair, tied to the first around the inner pair. */
    public function tiedBox(Position $position): ?Box
    {
        return $position->poles === 2 && $position->half === Half::Upper
            ? new Box(
                $this->box($position)->x, $this->top($position->space + 2) + self::ROW / 2 + 0.5, self::BREAKER_W, self::ROW / 2 - 2.5,
            )
            : null;
    }

    public static function isRight(int $space): bool
    {
        return $space % 2 === 0;
    }

    /** @return list<int> spaces that nothing sits in and nothing is planned for */
    public function freeSpaces(): array
    {
        return array_values(array_diff($this->panel->freeSpaces(), $this->generatorPosition()?->spaces() ?? []));
    }

    /** Where the generator breaker goes, once an interlock is picked and its spaces are free. */
    public function generatorPosition(): ?Position
    {
        return $this->hasInterlock() && $this->panel->inTheWayOfInterlock() === [] && $this->panel->spaces >= 4
            ? new Position($this->panel->interlockSpace, 2)
            : null;
    }

    public function hasInterlock(): bool
    {
        return $this->design->way()?->platedPanel($this->design->situation())?->id === $this->panel->id;
    }

    /** As much of a name as a breaker has room for. */
    public static function shortName(Circuit $circuit): string
    {
        $name = $circuit->name === '' ? 'unnamed' : $circuit->name;

        return mb_strimwidth($name, 0, $circuit->protection->mark() === '' ? 20 : 15, '…');
    }

    private function top(int $space): int
    {
        return self::TOP + intdiv($space - 1, 2) * self::ROW;
    }
}
