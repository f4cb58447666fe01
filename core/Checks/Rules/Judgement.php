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

    /** @var list<Rule> worst first, then by code */
    public array $notChecked;

    public function __construct(public Arrangement $it)
    {
        $rules = Rules::all();
        usort($rules, fn (Rule $x, Rule $y): int => self::key($x) <=> self::key($y));
        $found = $open = [];
        foreach ($rules as $rule) {
            $broken = $rule->isBroken($it);
            array_push($found, ...$broken === true ? [$rule] : []);
            array_push($open, ...$broken === null ? [$rule] : []);
        }
        $this->found = $found;
        $this->notChecked = $open;
    }

    /** Nothing dangerous or wrong was found, and nothing of that kind is open. */
    public function nothingBadOrOpen(): bool
    {
        $bad = array_filter(
            [...$this->found, ...$this->notChecked], fn (Rule $rule): bool => $rule->code()->severity() !== Severity::Advice,
        );

        return $bad === [];
    }

    /** @return array{int, string} */
    private static function key(Rule $rule): array
    {
        return [$rule->code()->severity()->rank(), $rule->code()->value];
    }
}
