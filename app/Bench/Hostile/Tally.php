<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use Psr\Http\Message\ResponseInterface;

/** What came of an attack. */
final class Tally
{
    public int $forms = 0;

    public int $files = 0;

    /** @var array<int, int> how many answers, by status */
    public array $statuses = [];

    /** @var list<string> answers that nobody should see: what was asked, and how they begin */
    public array $faults = [];

    private const INNARDS = '~Stack trace|Whoops|SQLSTATE|vendor/laravel|Fatal error|Uncaught |\.php on line|\.php:\d~';

    /** @return int its status; 0: there was no answer */
    public function note(string $asked, mixed $answer): int
    {
        $status = $answer instanceof ResponseInterface ? $answer->getStatusCode() : 0;
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $body = $answer instanceof ResponseInterface ? (string) $answer->getBody() : '';
        if ($status === 0 || $status >= 500 || preg_match(self::INNARDS, $body) === 1) {
            $this->faults[] = "$status $asked: ".mb_substr(trim((string) preg_replace('/\s+/', ' ', strip_tags(mb_scrub($body)))), 0, 200);
        }

        return $status;
    }
}
