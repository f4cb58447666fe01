<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

use Underpin\Job\LoadKind;
use Underpin\Job\Role;
use Underpin\Limit;

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

    /** Watts that a name says, if it says any, may be this load's: from half of its least to twice its most. Else it is another thing. */
    public function mayDraw(?float $watts): bool
    {
        return $watts === null || ! Limit::over($this->runW->low / 2, $watts) && ! Limit::over($watts, $this->runW->high * 2);
    }

    /** The same under another size, in proportion, and called by it. */
    public function scaled(float $share, string $name): self
    {
        return new self(
            $name, $this->kind, $this->volts, $this->runW->times($share), $this->startW->times($share), $this->pf, $this->role,
        );
    }
}
