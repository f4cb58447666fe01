<?php

declare(strict_types=1);

namespace Underpin\Form;

use Underpin\Refused;

/** Collects everything that is wrong with a file while it is read, so that one reading names it all. */
final class FaultList
{
    /** @var list<Refused> */
    private array $faults = [];

    /** @var array<string, true> */
    private array $ids = [];

    public function add(Refused $fault): void
    {
        $this->faults[] = $fault;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return ?T null when it was refused
     */
    public function attempt(string $path, callable $make): mixed
    {
        try {
            return $make();
        } catch (Refused $refused) {
            $this->add($refused->within($path));

            return null;
        }
    }

    /** @param  string  $of  what must not share an id: "circuit", "load" */
    public function unique(string $of, string $id, string $path): void
    {
        // As the database compares them.
        $key = strtolower("$of $id");
        if (isset($this->ids[$key])) {
            $this->add(new Refused($path, "id: \"$id\" stands twice in the file."));
        }
        $this->ids[$key] = true;
    }

    /** @return list<Refused> */
    public function all(): array
    {
        return $this->faults;
    }
}
