<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Refused;

/** Some spaces of a panel, as a label lists them: "17–24, 30". */
final readonly class SpaceList
{
    /** @param  list<int>  $spaces  in order, each once */
    private function __construct(public array $spaces)
    {
    }

    /**
     * @param  string  $text  "17-24, 30", or "none"
     *
     * @throws Refused on tandem_spaces when it is no such list
     */
    public static function parse(string $text): self
    {
        $spaces = [];
        $words = mb_strtolower(trim($text)) === 'none'
            ? []
            : (preg_split('/[\s,;]+/u', trim((string) preg_replace('/\s*(?:-|–|to)\s*/u', '-', $text)), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        foreach ($words as $word) {
            if (preg_match('/^(\d{1,3})(?:-(\d{1,3}))?$/', $word, $found) !== 1) {
                throw new Refused(
                    'tandem_spaces', 'Tandems allowed in: "'.mb_substr($word, 0, 20).'" is no space; write 17-24, 30 or none.',
                );
            }
            $first = (int) $found[1];
            $last = (int) ($found[2] ?? $found[1]);
            if ($first < 1 || $last > Position::HIGHEST_SPACE || $last < $first) {
                throw new Refused(
                    'tandem_spaces', sprintf('Tandems allowed in: "%s" must lie within 1 to %d.', $word, Position::HIGHEST_SPACE),
                );
            }
            array_push($spaces, ...range($first, $last));
        }
        $spaces = array_values(array_unique($spaces));
        sort($spaces);

        return new self($spaces);
    }

    public function has(int $space): bool
    {
        return in_array($space, $this->spaces, true);
    }

    /** As short as it can be: "17–24, 30"; "none" when empty. */
    public function words(): string
    {
        $runs = [];
        foreach ($this->spaces as $space) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][1] === $space - 1) {
                $runs[$last][1] = $space;
            } else {
                $runs[] = [$space, $space];
            }
        }

        return $runs === []
            ? 'none'
            : implode(', ', array_map(fn (array $run): string => $run[0] === $run[1] ? (string) $run[0] : "$run[0]–$run[1]", $runs));
    }
}
