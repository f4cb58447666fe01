<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\StageKey;

/** What is wrong, why it matters, what to do, and by which rule. */
final readonly class Finding
{
    public Severity $severity;

    public StageKey $stage;

    public Source $source;

    /**
     * @param  ?string  $circuitId  the circuit that it is about
     * @param  ?Source  $source  where the rule is another than that of its code
     */
    public function __construct(
        public Code $code,
        public string $what,
        public string $why,
        public string $do,
        public ?string $circuitId = null,
        ?Source $source = null,
    ) {
        $this->severity = $code->severity();
        $this->stage = $code->stage();
        $this->source = $source ?? $code->source();
    }
}
