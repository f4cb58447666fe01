<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Refused;

/** What a run of a calculator gives back: its output and whether any case was refused. */
final readonly class Run
{
    /** @param  array<mixed>  $output */
    public function __construct(public array $output, public bool $anyRefused)
    {
    }

    public static function refused(Refused $refused): self
    {
        return new self(self::error($refused), true);
    }

    /** @return array{error: array{field: string, message: string}} */
    public static function error(Refused $refused): array
    {
        return ['error' => ['field' => $refused->field, 'message' => $refused->getMessage()]];
    }
}
