<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Job\Half;
use Underpin\Job\Protection;
use Underpin\Job\Role;

/** A breaker as a sheet has it; what the sheet does not say is null. */
final readonly class SheetCircuit
{
    /**
     * @param  int  $row  in the file, from 1
     * @param  list<SheetLoad>  $loads
     */
    public function __construct(
        public int $row,
        public int $space,
        public int $poles,
        public ?Half $half,
        public ?int $amps,
        public string $name,
        public Protection $protection,
        public ?Role $role,
        public array $loads,
        public string $note = '',
    ) {
    }

    /** @return list<string> the halves of spaces that it takes */
    public function places(): array
    {
        $places = [];
        foreach ($this->poles === 2 ? [$this->space, $this->space + 2] : [$this->space] as $i => $space) {
            foreach ($this->half === null ? ['a', 'b'] : [$i === 0 ? $this->half->value : $this->half->other()->value] as $half) {
                $places[] = "$space$half";
            }
        }

        return $places;
    }

    public function label(): string
    {
        $half = $this->half->value ?? '';

        return "{$this->space}{$half}".($this->poles === 2 ? '–'.($this->space + 2).($this->half?->other()->value ?? '') : '');
    }

    public function withLoads(SheetLoad ...$loads): self
    {
        return new self(
            $this->row, $this->space, $this->poles, $this->half, $this->amps, $this->name, $this->protection, $this->role,
            [...$this->loads, ...array_values($loads)], $this->note,
        );
    }

    /** @return array<string, mixed> as the command prints it */
    public function toArray(): array
    {
        return [
            'space' => $this->space, 'poles' => $this->poles, 'half' => $this->half?->value, 'amps' => $this->amps, 'name' => $this->name,
            'protection' => $this->protection->value, 'role' => $this->role?->value,
            'loads' => array_map(fn (SheetLoad $load): array => $load->toArray(), $this->loads),
        ];
    }
}
