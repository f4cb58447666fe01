<?php

declare(strict_types=1);

namespace App\Rehearsals;

use Illuminate\Http\Request;
use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Refused;
use Underpin\Rehearsal\Handle;
use Underpin\Rehearsal\House;
use Underpin\Rehearsal\Rehearsal;
use Underpin\Rehearsal\Scene;
use Underpin\Rehearsal\State;

/** A rehearsal as a page plays it: the page keeps what was thrown, and the core says each time what follows from all of it. */
final readonly class Played
{
    /** Nobody throws more in one outage. */
    private const MOST_HANDLES = 600;

    private function __construct(public Rehearsal $rehearsal, public State $state)
    {
    }

    /**
     * @throws Refused when there is nothing to rehearse, or a handle is none
     */
    public static function of(Job $job, Request $request): self
    {
        $house = House::of(new Design($job));
        if ($house === null) {
            throw new Refused('handle', 'There is nothing to rehearse yet: a machine, a way of connecting and circuits that must run '
                .'are wanted.');
        }
        $lines = array_values(array_filter(explode("\n", $request->string('handles')->toString()),
            fn (string $line): bool => trim($line) !== ''));
        if (count($lines) > self::MOST_HANDLES) {
            throw new Refused('handle', 'Handles: more than '.self::MOST_HANDLES.' were thrown. Begin again.');
        }
        $rehearsal = new Rehearsal($house, Scene::tryFrom($request->string('scene')->toString()) ?? Scene::Night);

        return new self($rehearsal, $rehearsal->after(array_map(Handle::read(...), $lines)));
    }
}
