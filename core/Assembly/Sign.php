<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** A sign or label that is put up, with its words. */
final readonly class Sign implements Element
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  string  $place  where it is put up
     * @param  string  $heading  its first line: "Danger", "Warning", or what it names
     * @param  list<string>  $words  the lines below
     */
    public function __construct(
        public string $id, public string $place, public string $heading, public array $words, private Line $line,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function says(): array
    {
        return [$this->line];
    }
}
