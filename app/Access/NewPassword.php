<?php

declare(strict_types=1);

namespace App\Access;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Whether a word is good enough for a new password: long enough, and not the first that anybody would try. */
final readonly class NewPassword implements ValidationRule
{
    public const LEAST = 10;

    /** Bytes: of a longer one the hash would leave out the end. */
    public const MOST_BYTES = 72;

    /** Letters that stay when everything common is struck out, or it is plain. */
    private const LEAST_OF_OWN = 4;

    private const LEAST_DIFFERENT = 5;

    /** Rows of the keyboard and what is learnt by heart, read both ways. */
    private const RUNS = [
        'abcdefghijklmnopqrstuvwxyz', '01234567890', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertz', 'azerty', '1qaz2wsx3edc4rfv',
    ];

    private const LEAST_RUN = 4;

    /** What the first guesses of everybody are made of, and of an electrician's. */
    private const COMMON = [
        'password', 'passwort', 'passwd', 'passphrase', 'secret', 'welcome', 'letmein', 'login', 'admin', 'administrator', 'root', 'user',
        'guest', 'test', 'testing', 'demo', 'default', 'changeme', 'change', 'temp', 'temporary', 'master', 'access', 'hello', 'monkey',
        'dragon', 'princess', 'sunshine', 'shadow', 'football', 'baseball', 'basketball', 'hockey', 'soccer',
        'iloveyou', 'love', 'loveyou', 'trustno', 'whatever', 'freedom', 'michael', 'jordan', 'jennifer', 'ashley', 'jessica',
        'charlie', 'daniel', 'thomas', 'andrew', 'robert', 'william', 'summer', 'winter', 'spring', 'autumn', 'january', 'february',
        'march', 'april', 'june', 'july', 'august', 'september', 'october', 'november', 'december', 'monday', 'tuesday', 'wednesday',
        'thursday', 'friday', 'saturday', 'sunday', 'company', 'office', 'shop', 'work', 'computer', 'internet', 'qwerty', 'abc',
        'electric', 'electrician', 'electrical', 'electricity', 'generator', 'breaker', 'panel', 'circuit', 'voltage', 'ampere', 'watts',
        'power', 'lightning', 'underpin', 'transfer', 'switch', 'standby', 'backup', 'the', 'and', 'my', 'is', 'this', 'please', 'new',
    ];

    private const LEET = ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's', '!' => 'i'];

    /** @param  list<string>  $known  words that everybody knows of its owner: name, mail address, shop */
    public function __construct(private array $known = [], private string $label = 'New password')
    {
    }

    /** What a page says beside the field. */
    public static function hint(): string
    {
        return self::LEAST.' characters or more; four words that have nothing to do with each other are good';
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = is_string($value) ? $this->fault($value) : 'type one.';
        if ($fault !== null) {
            $fail("$this->label: $fault");
        }
    }

    /** @return ?string what is wrong with it; null: nothing */
    public function fault(string $word): ?string
    {
        return match (true) {
            ! mb_check_encoding($word, 'UTF-8') => 'it holds bytes that are no text (UTF-8). Type it again.',
            mb_strlen($word) < self::LEAST => sprintf('it has %d characters; %d are the least.', mb_strlen($word), self::LEAST),
            strlen($word) > self::MOST_BYTES => sprintf('it is too long; %d plain characters are the most.', self::MOST_BYTES),
            $this->isPlain($word) => 'it would be among the first guesses (common words, rows of keys, the name of you or the shop, the '
                .'same over and over). Four words that have nothing to do with each other are good.',
            default => null,
        };
    }

    private function isPlain(string $word): bool
    {
        $low = mb_strtolower($word);
        if (count(array_unique(mb_str_split($low))) < self::LEAST_DIFFERENT) {
            return true;
        }

        return $this->own($low) < self::LEAST_OF_OWN || $this->own(strtr($low, self::LEET)) < self::LEAST_OF_OWN;
    }

    /** @return int letters that are left when what is common, known or a row of keys is struck out */
    private function own(string $low): int
    {
        $words = [...self::COMMON, ...$this->knownWords()];
        usort($words, fn (string $x, string $y): int => mb_strlen($y) <=> mb_strlen($x));
        $left = str_replace(self::runsIn($low), ' ', $low);
        $left = str_replace($words, ' ', $left);
        // What is said twice counts once, and digits, which most add at the end, do not count.
        preg_match_all('/\p{L}+/u', $left, $found);

        return mb_strlen(implode('', array_unique(array_map(self::once(...), $found[0]))));
    }

    /** @return list<string> */
    private function knownWords(): array
    {
        $all = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(implode(' ', $this->known)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_values(array_filter($all, fn (string $word): bool => mb_strlen($word) > 2));
    }

    /** @return list<string> pieces of a row of keys, the longest first */
    private static function runsIn(string $low): array
    {
        $found = [];
        foreach ([...self::RUNS, ...array_map(strrev(...), self::RUNS)] as $row) {
            for ($length = strlen($row); $length >= self::LEAST_RUN; $length--) {
                for ($at = 0; $at + $length <= strlen($row); $at++) {
                    $piece = substr($row, $at, $length);
                    if (str_contains($low, $piece)) {
                        $found[] = $piece;
                    }
                }
            }
        }
        usort($found, fn (string $x, string $y): int => strlen($y) <=> strlen($x));

        return $found;
    }

    /** "lalala" is "la". */
    private static function once(string $letters): string
    {
        return preg_replace('/^(.+?)\1+$/u', '$1', $letters) ?? $letters;
    }
}
