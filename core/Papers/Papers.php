<?php

declare(strict_types=1);

namespace Underpin\Papers;

/** Every paper that a job can give: the registry that pages and files follow. */
final readonly class Papers
{
    /** @param  list<Paper>  $papers */
    public function __construct(private array $papers)
    {
    }

    public static function standard(): self
    {
        return new self([new PermitPacket, new UtilityLetter, new GasLetter, new OwnersFolder, new InstallSheet, new Certificate,
            new DrillSheet]);
    }

    /** @return list<Paper> */
    public function all(): array
    {
        return $this->papers;
    }

    /** Null where no paper has this key. */
    public function find(string $key): ?Paper
    {
        foreach ($this->papers as $paper) {
            if ($paper->key() === $key) {
                return $paper;
            }
        }

        return null;
    }
}
