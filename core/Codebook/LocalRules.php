<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What the local authority says about this job, where it differs or must be asked. */
final readonly class LocalRules
{
    /**
     * @param  string  $authority  who decides, as printed on papers
     * @param  bool  $splicesInPanel  splices are allowed inside a panel (NEC 2023 312.8 allows them with limits)
     * @param  bool  $permit  a permit is needed
     */
    public function __construct(
        public string $authority = '',
        public string $edition = 'NEC 2023',
        public bool $splicesInPanel = true,
        public bool $permit = true,
    ) {
    }
}
