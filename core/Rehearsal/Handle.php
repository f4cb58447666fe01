<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Refused;

/** One thing that the person did, and the seconds since the one before. */
final readonly class Handle
{
    /** Who is called away comes back; longer counts as so much. */
    public const MOST_S = 900;

    /** @param  string  $of  id of a circuit, a position of a lever, a spot, minutes to wait; empty: it needs none */
    public function __construct(public HandleKind $kind, public string $of = '', public int $afterS = 0)
    {
    }

    /**
     * As a page sends it: "12 circuit c5".
     *
     * @throws Refused on "handle" when it is none
     */
    public static function read(string $text): self
    {
        $parts = explode(' ', trim($text), 3);
        $kind = HandleKind::tryFrom($parts[1] ?? '');
        if ($kind === null || preg_match('/^\d{1,6}$/', $parts[0]) !== 1) {
            throw new Refused('handle', 'Handle: seconds, what is thrown and which one, as "12 circuit c5"; "'.mb_strimwidth($text, 0, 40,
                '…').'" was given.');
        }

        return new self($kind, $parts[2] ?? '', min(self::MOST_S, (int) $parts[0]));
    }
}
