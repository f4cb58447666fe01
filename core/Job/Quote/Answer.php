<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

/** What a customer said to a quote, or that the shop took it back. */
final readonly class Answer
{
    /**
     * @param  string  $name  who said it
     * @param  string  $on  YYYY-MM-DD
     * @param  ?string  $way  which of the ways was accepted; null: none
     * @param  ?Signature  $signature  null: said, not signed here
     */
    public function __construct(
        public AnswerKind $kind, public string $name, public string $on, public ?string $way = null, public ?Signature $signature = null,
    ) {
    }
}
