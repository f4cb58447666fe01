<?php

declare(strict_types=1);

namespace Underpin\Drawing\Faces;

use Underpin\Job\Outlet;

/** A contact of a receptacle by the letter beside its terminal, and where it lies as one looks at the face; the middle is 0, 0. */
final readonly class Contact
{
    private function __construct(public string $letter, public ContactShape $shape, public float $x, public float $y)
    {
    }

    /** @return list<self> of a receptacle, looked at from the front; a scheme, not a dimension. NEMA WD 6 */
    public static function of(Outlet $outlet): array
    {
        return match ($outlet) {
            Outlet::Straight20 => [
                new self('W', ContactShape::Tee, -0.36, -0.22), new self('hot', ContactShape::Upright, 0.36, -0.22),
                new self('G', ContactShape::Round, 0, 0.44),
            ],
            Outlet::Travel30 => [
                new self('W', ContactShape::LeansLeft, -0.36, -0.2), new self('hot', ContactShape::LeansRight, 0.36, -0.2),
                new self('G', ContactShape::Round, 0, 0.46),
            ],
            Outlet::Locking30At120 => [
                new self('G', ContactShape::HookedArc, 0, -0.62), new self('W', ContactShape::Arc, -0.54, 0.32),
                new self('hot', ContactShape::Arc, 0.54, 0.32),
            ],
            Outlet::Locking20, Outlet::Locking30 => [
                new self('G', ContactShape::HookedArc, 0, -0.62), new self('Y', ContactShape::Arc, -0.62, 0),
                new self('X', ContactShape::Arc, 0.62, 0), new self('W', ContactShape::Arc, 0, 0.62),
            ],
            Outlet::Straight50 => [
                new self('G', ContactShape::Round, 0, -0.52), new self('Y', ContactShape::Upright, -0.5, 0.06),
                new self('X', ContactShape::Upright, 0.5, 0.06), new self('W', ContactShape::Upright, 0, 0.5),
            ],
            Outlet::Terminals => [],
        };
    }

    /** Which conductor it takes, in words. */
    public function words(): string
    {
        return match ($this->letter) {
            'X' => 'hot X, black',
            'Y' => 'hot Y, red',
            'W' => 'neutral, white, silver screw',
            'G' => 'ground, green, green screw',
            default => 'hot, black, brass screw',
        };
    }

    /** On the face of what goes into it: left is right. */
    public function mirrored(): self
    {
        $shape = match ($this->shape) {
            ContactShape::LeansLeft => ContactShape::LeansRight,
            ContactShape::LeansRight => ContactShape::LeansLeft,
            default => $this->shape,
        };

        return new self($this->letter, $shape, -$this->x, $this->y);
    }
}
