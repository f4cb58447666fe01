<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Severity;

/** An arrangement by every rule: what was found, and what the facts given neither prove nor exclude. */
final readonly class Judgement
{
    /** @var list<Rule> worst first, then by code */
    public array $found;

    public function __construct(public Arrangement $it)
    {
        $this->found = $this->thatAre(true);
    }

    /** @return list<Rule> that the facts given neither prove nor exclude, worst first, then by code */
    public function notChecked(): array
    {
        return $this->thatAre(null);
    }

    /** Nothing dangerous or wrong was found, and nothing of that kind is open. */
    public function nothingBadOrOpen(): bool
    {
        $bad = array_filter(
            [...$this->found, ...$this->notChecked()], fn (Rule $rule): bool => $rule->code()->severity() !== Severity::Advice,
        );

        return $bad === [];
    }

    /** @return list<Rule> worst first, then by code */
    private function thatAre(?bool $broken): array
    {
        $rules = array_values(array_filter(Rules::all(), fn (Rule $rule): bool => $rule->isBroken($this->it) === $broken));
        usort($rules, fn (Rule $x, Rule $y): int => self::key($x) <=> self::key($y));

        return $rules;
    }

    /** @return array{int, string} */
    private static function key(Rule $rule): array
    {
        return [$rule->code()->severity()->rank(), $rule->code()->value];
    }
}
