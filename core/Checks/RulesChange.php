<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Job\Authority;
use Underpin\Job\Job;
use Underpin\Job\LocalRules;

/** What another set of local rules would change in a job, before anybody takes it. */
final readonly class RulesChange
{
    /**
     * @param  array<string, array{string, string}>  $rules  by rule: as it is, as it would be
     * @param  list<string>  $gone  what the core says now and would no longer say
     * @param  list<string>  $new  what it would say instead
     */
    private function __construct(public array $rules, public array $gone, public array $new)
    {
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, LocalRules>  $profiles  what might hold instead
     * @return array<K, self>
     */
    public static function each(Job $job, array $profiles): array
    {
        $now = self::sentences($job);

        return array_map(fn (LocalRules $next): self => self::to($next, $job, $now), $profiles);
    }

    /** @param  list<string>  $said  of the job under the rules it has */
    private static function to(LocalRules $next, Job $job, array $said): self
    {
        $rules = [];
        $after = $next->lines();
        foreach ($job->authority->rules->lines() as $rule => $now) {
            if ($after[$rule] !== $now) {
                $rules[$rule] = [$now, $after[$rule]];
            }
        }
        $then = self::sentences($job->with(new Authority($next, $job->authority->profile)));

        return new self($rules, array_values(array_diff($said, $then)), array_values(array_diff($then, $said)));
    }

    /** @return list<string> everything said of the job that rests on local rules */
    private static function sentences(Job $job): array
    {
        $said = [];
        $review = Review::of($job);
        foreach ($review->design->connections() as $verdict) {
            foreach ($verdict->reasons as $reason) {
                $said[] = ucfirst($verdict->way->words()).': '.$reason->text;
            }
        }
        foreach ($review->findings as $finding) {
            $said[] = $finding->what;
        }

        return array_values(array_unique($said));
    }
}
