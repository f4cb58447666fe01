<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

use Underpin\Job\LoadKind;
use Underpin\Job\Role;

/** A load of the shop's library: figures to begin with where there is no nameplate and no measurement. */
final readonly class TypicalLoad
{
    /** what its name says of its size */
    public SaidName $said;

    /** @var list<list<string>> what people write on a door for it, each as plain words; its own name is the last */
    public array $phrases;

    /**
     * @param  int  $volts  120 or 240
     * @param  Role  $role  what most households choose
     * @param  list<string>  $words  what people write for it beside its name
     */
    public function __construct(
        public string $name,
        public LoadKind $kind,
        public int $volts,
        public Watts $runW,
        public Watts $startW,
        public float $pf,
        public Role $role = Role::Off,
        array $words = [],
    ) {
        $this->said = SaidName::of($name);
        $phrases = array_map(fn (string $said): array => SaidName::of($said)->words, $words);
        $this->phrases = array_values(array_filter([...$phrases, $this->said->words]));
    }

    /** @return list<string> every word by which somebody may look for it */
    public function vocabulary(): array
    {
        return array_values(array_unique([...array_merge([], ...$this->phrases), ...SaidName::of($this->kind->value)->words]));
    }

    /** The same under another size, in proportion. */
    public function scaled(float $share): self
    {
        return new self(
            $this->name, $this->kind, $this->volts, $this->runW->times($share), $this->startW->times($share), $this->pf, $this->role,
        );
    }
}
