<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

use Closure;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\Role;

/** The shop's typical loads: what is looked up in them by a few letters, and what they suggest by the name of a circuit. */
final class LoadLibrary
{
    /** letters of the beginning of a word that stand for it: "refrig", "dishw" */
    private const SHORTEST_BEGINNING = 4;

    private const LIGHTS = ['light', 'lighting'];

    /** @var ?list<TypicalLoad> null: nothing was looked up yet */
    private ?array $loads = null;

    /** @var array<string, list<TypicalLoad>> the loads that a word is said for: most names touch few of them */
    private array $byWord = [];

    /** @param  Closure(): list<TypicalLoad>  $read  what is in it; asked for when something is looked up that has no figures yet */
    public function __construct(private readonly Closure $read)
    {
    }

    /** @return list<TypicalLoad> */
    public function loads(): array
    {
        if ($this->loads === null) {
            $this->loads = ($this->read)();
            foreach ($this->loads as $load) {
                foreach (array_unique(array_merge([], ...$load->phrases)) as $word) {
                    $this->byWord[$word][] = $load;
                }
            }
        }

        return $this->loads;
    }

    /**
     * What is looked for by a few letters, best first: every word that was typed begins a word of it.
     *
     * @param  int  $volts  of the circuit that it is for: what hangs on as many comes first, and 240 V never stands on one pole
     * @return list<TypicalLoad>
     */
    public function find(string $typed, int $volts, int $most): array
    {
        $asked = SaidName::of($typed)->words;
        $ranks = $found = [];
        foreach ($this->loads() as $i => $load) {
            $words = $load->vocabulary();
            $hits = array_filter($asked, fn (string $word): bool => self::begins($word, $words));
            if (count($hits) === count($asked) && ! ($load->volts === 240 && $volts === 120)) {
                $isFirst = $asked === [] || str_starts_with($load->said->words[0] ?? '', $asked[0]);
                $ranks[] = [-$this->likeness($asked, $load), $isFirst ? 0 : 1, $load->volts === $volts ? 0 : 1, $i];
                $found[] = $load;
            }
        }
        array_multisort($ranks, $found);

        return array_slice($found, 0, $most);
    }

    /**
     * What the names of a circuit and of loads without figures on it say.
     *
     * @return list<Suggestion> none: it has its figures, or its name says nothing
     */
    public function suggest(Circuit $circuit): array
    {
        // Asked of every breaker at every change: most have their figures.
        $open = [];
        foreach ($circuit->loads as $load) {
            if ($load->runW === null) {
                $open[] = $load;
            }
        }
        if (($open === [] && $circuit->loads !== []) || $circuit->isSpare() || SaidName::of($circuit->name)->isOfPanel()) {
            return [];
        }
        if ($circuit->loads === []) {
            return $this->fromName($circuit, $circuit->name, null);
        }

        return array_merge([], ...array_map(
            fn (Load $load): array => array_slice($this->fromName($circuit, $load->name, $load->id), 0, 1), $open,
        ));
    }

    /** @return list<array{Circuit, non-empty-list<Suggestion>}> every breaker whose name says more than what stands there */
    public function suggestAll(Job $job): array
    {
        $all = [];
        $feeders = array_map(fn (Circuit $feeder): string => $feeder->id, $job->feeders());
        foreach ($job->service->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                $suggestions = in_array($circuit->id, $feeders, true) ? [] : $this->suggest($circuit);
                if ($suggestions !== []) {
                    $all[] = [$circuit, $suggestions];
                }
            }
        }

        return $all;
    }

    /**
     * The job with those figures.
     *
     * @param  Closure(): string  $newKey  an id that no other load has
     * @param  string  $only  id of the one breaker that is meant; empty: all
     */
    public function takeAll(Job $job, Closure $newKey, string $only = '', Grade $grade = Grade::Usual): Job
    {
        $meant = array_map(fn (array $each): string => $each[0]->id, $this->suggestAll($job));
        $meant = $only === '' ? $meant : array_intersect($meant, [$only]);
        $take = fn (Circuit $circuit): Circuit => in_array($circuit->id, $meant, true) ? $this->take($circuit, $newKey, $grade) : $circuit;
        $panels = array_map(
            fn (Panel $panel): Panel => array_filter($panel->circuits, fn (Circuit $c): bool => in_array($c->id, $meant, true)) === []
                ? $panel
                : $panel->with(circuits: array_map($take, $panel->circuits)),
            $job->service->panels,
        );

        return $meant === [] ? $job : $job->with($job->service->with(panels: $panels));
    }

    /**
     * The circuit with the figures that its name suggests; the same where it suggests none. The role that most households choose goes
     * along where the breaker had nothing on it yet and stood at "leave off".
     *
     * @param  Closure(): string  $newKey  an id that no other load has
     */
    public function take(Circuit $circuit, Closure $newKey, Grade $grade = Grade::Usual): Circuit
    {
        $suggestions = $this->suggest($circuit);
        if ($suggestions === []) {
            return $circuit;
        }
        $loads = $circuit->loads;
        foreach ($suggestions as $suggestion) {
            $place = array_search($suggestion->load, array_map(fn (Load $load): string => $load->id, $loads), true);
            $place = $place === false ? count($loads) : $place;
            $loads[$place] = $suggestion->taken($newKey(), $loads[$place] ?? null, $grade);
        }
        $role = $circuit->loads === [] && $circuit->role === Role::Off ? self::roleOf($suggestions) : $circuit->role;

        return $circuit->with(loads: array_values($loads), role: $role);
    }

    /**
     * What matters most of what hangs on it decides.
     *
     * @param  non-empty-list<Suggestion>  $suggestions
     */
    public static function roleOf(array $suggestions): Role
    {
        $roles = array_map(fn (Suggestion $each): Role => $each->typical->role, $suggestions);

        return array_values(array_filter(Role::cases(), fn (Role $role): bool => in_array($role, $roles, true)))[0] ?? Role::Off;
    }

    /** The typical load that a name speaks of; null: none of them. */
    public function named(string $name, int $volts): ?TypicalLoad
    {
        $part = $this->parts($name, $volts)[0] ?? null;

        return $part === null ? null : $this->best($part, $volts, fn (TypicalLoad $load): bool => $load->volts <= $volts);
    }

    /** @return list<Suggestion> */
    private function fromName(Circuit $circuit, string $name, ?string $loadId): array
    {
        $suggestions = [];
        $volts = $circuit->leg()->volts();
        foreach ($this->parts($name, $volts) as $said) {
            // On two poles 240 V: a 120 V load of that name would be counted on both legs, at half its amperes.
            $load = $this->best($said, $volts, fn (TypicalLoad $load): bool => $load->volts === $volts);
            if ($load !== null) {
                $suggestions[$load->name] ??= Suggestion::of($circuit->id, $loadId, $load, $said);
            }
        }

        return array_values($suggestions);
    }

    /**
     * One that bears the whole name of a load is that one thing, whatever commas are in it.
     *
     * @return list<SaidName>
     */
    private function parts(string $name, int $volts): array
    {
        $whole = SaidName::of($name);
        foreach ($this->loads() as $load) {
            if ($load->said->words === $whole->words && $load->volts <= $volts) {
                return [$whole];
            }
        }

        return SaidName::partsOf($name);
    }

    /** @param  Closure(TypicalLoad): bool  $mayBe */
    private function best(SaidName $said, int $volts, Closure $mayBe): ?TypicalLoad
    {
        $best = null;
        $highest = 0.0;
        foreach ($this->touchedBy($said->words) as $load) {
            $isIt = $mayBe($load) && $load->mayDraw($said->watts);
            $likeness = $isIt ? $this->likeness($said->words, $load) : 0.0;
            if ($likeness > 0) {
                $likeness += $load->volts === $volts ? 3 : 0;
                // "Basement lights" are lights before they are a basement.
                $likeness += $load->kind === LoadKind::Lighting && array_intersect($said->words, self::LIGHTS) !== [] ? 8 : 0;
            }
            if ($likeness > $highest) {
                [$best, $highest] = [$load, $likeness];
            }
        }

        return $best === null ? null : $this->ofSize($best, $said);
    }

    /**
     * @param  list<string>  $words
     * @return list<TypicalLoad> in their order, each that one of the words or its beginning is said for
     */
    private function touchedBy(array $words): array
    {
        $all = $this->loads();
        $touched = [];
        foreach ($this->byWord as $word => $loads) {
            foreach ($words as $said) {
                $isBegun = strlen($said) >= self::SHORTEST_BEGINNING && str_starts_with((string) $word, $said);
                if ($isBegun || $said === (string) $word) {
                    foreach ($loads as $load) {
                        $touched[$load->name] = true;
                    }
                }
            }
        }

        return array_values(array_filter($all, fn (TypicalLoad $load): bool => isset($touched[$load->name])));
    }

    /** The nearest in size to what was said, of those that are called the same. */
    private function ofSize(TypicalLoad $best, SaidName $said): TypicalLoad
    {
        $nearest = $best;
        foreach ($this->loads() as $load) {
            $isAlike = $load->said->words === $best->said->words && $load->volts === $best->volts && $load->mayDraw($said->watts);
            if ($isAlike && $said->farFrom($load->said) < $said->farFrom($nearest->said)) {
                $nearest = $load;
            }
        }

        return $nearest;
    }

    /**
     * How much of what was said speaks of it: the letters of its longest phrase of which every word was said.
     *
     * @param  list<string>  $words
     */
    private function likeness(array $words, TypicalLoad $load): float
    {
        $highest = 0.0;
        $ownName = count($load->phrases) - 1;
        foreach ($load->phrases as $i => $phrase) {
            $letters = 0.0;
            foreach ($phrase as $word) {
                $weight = self::weight($word, $words);
                if ($weight === 0.0) {
                    continue 2;
                }
                $letters += $weight;
            }
            // What it is called by people decides between sizes of the same thing.
            $highest = max($highest, $letters + ($i === $ownName ? 0.0 : 0.5));
        }

        return $highest;
    }

    /** @param  list<string>  $said */
    private static function weight(string $word, array $said): float
    {
        if (in_array($word, $said, true)) {
            return 2.0 + strlen($word);
        }
        foreach ($said as $short) {
            if (strlen($short) >= self::SHORTEST_BEGINNING && str_starts_with($word, $short)) {
                return strlen($short) / 2;
            }
        }

        return 0.0;
    }

    /** @param  list<string>  $words */
    private static function begins(string $typed, array $words): bool
    {
        foreach ($words as $word) {
            if (str_starts_with($word, $typed)) {
                return true;
            }
        }

        return false;
    }
}
