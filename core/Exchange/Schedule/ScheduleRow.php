<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Csv\CsvText;
use Underpin\Csv\Number;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Refused;

/** One row of a schedule: a circuit, with one load or none. Collects every fault in its cells. */
final class ScheduleRow
{
    /** @var list<RowFault> */
    private array $faults = [];

    /** @param  array<string, string>  $cells by column name */
    public function __construct(public readonly int $line, private readonly array $cells)
    {
    }

    /** @return list<RowFault> */
    public function faults(): array
    {
        return $this->faults;
    }

    public function panelName(): string
    {
        return mb_substr($this->cell(ScheduleColumn::Panel), 0, 100);
    }

    /** Whether this row says anything of its own about the breaker, or only adds a load to it. */
    public function describesBreaker(): bool
    {
        return $this->cell(ScheduleColumn::Amps) !== '' || $this->cell(ScheduleColumn::Circuit) !== '';
    }

    public function position(): ?Position
    {
        $cell = str_replace(' ', '', mb_strtolower($this->cell(ScheduleColumn::Space)));
        if (preg_match('/^(\d{1,3})([ab]?)(?:[\-–\/,+&](\d{1,3})([ab]?))?$/u', $cell, $found) !== 1) {
            $this->fault(ScheduleColumn::Space, $cell === '' ? 'is missing' : "\"$cell\" is not a space; write 5, 5-7, 12a or 5a-7b");

            return null;
        }
        $second = isset($found[3]) ? (int) $found[3] : null;
        if ($second !== null && $second !== (int) $found[1] + 2) {
            $this->fault(ScheduleColumn::Space, "\"$cell\": the second space of a two-pole breaker is two further down");

            return null;
        }

        if (($found[4] ?? '') !== '' && Half::tryFrom($found[2])?->other()->value !== $found[4]) {
            $this->fault(ScheduleColumn::Space, "\"$cell\": the pairs of a quad are written 5a-7b and 5b-7a");

            return null;
        }

        return $this->made(ScheduleColumn::Space, function () use ($found, $second): ?Position {
            $poles = $this->poles($second !== null);
            $half = $this->half($found[2]);

            return $poles === null || $half === false ? null : new Position((int) $found[1], $poles, $half);
        });
    }

    /** @param  string  $id for the circuit */
    public function circuit(string $id, Position $position): ?Circuit
    {
        $amps = $this->number(ScheduleColumn::Amps);
        if ($amps === null) {
            if ($this->cell(ScheduleColumn::Amps) === '') {
                $this->fault(ScheduleColumn::Amps, 'is missing: the rating of the breaker');
            }
        } elseif (floor($amps) !== $amps) {
            $this->fault(ScheduleColumn::Amps, 'must be a whole number');
            $amps = null;
        }
        $protection = $this->protection();
        $role = $this->role();
        if ($amps === null || $protection === null || $role === null) {
            return null;
        }

        return $this->made(ScheduleColumn::Amps, fn (): Circuit => new Circuit(
            $id, $position, (int) $amps, mb_substr($this->cell(ScheduleColumn::Circuit), 0, 100), $protection, $role,
            mb_substr($this->cell(ScheduleColumn::Note), 0, 1000),
        ));
    }

    /** Null when the row names no load, or its cells are at fault. */
    public function load(string $id): ?Load
    {
        $kind = $this->kind();
        $run = $this->number(ScheduleColumn::RunW);
        $start = $this->number(ScheduleColumn::StartW);
        $pf = $this->number(ScheduleColumn::Pf) ?? 1.0;
        $name = $this->cell(ScheduleColumn::Load);
        if ($this->faults !== [] || $kind === null || ($name === '' && $run === null && $start === null)) {
            return null;
        }

        return $this->made(ScheduleColumn::RunW, fn (): Load => new Load(
            $id, mb_substr($name === '' ? $this->cell(ScheduleColumn::Circuit) : $name, 0, 100) ?: 'load', $kind, $run, $start, $pf,
        ));
    }

    public function fault(ScheduleColumn $column, string $why): void
    {
        $this->faults[] = new RowFault($this->line, $column->value, "$column->value $why.");
    }

    private function cell(ScheduleColumn $column): string
    {
        return CsvText::meant($this->cells[$column->value] ?? '');
    }

    private function poles(bool $twoSpaces): ?int
    {
        $cell = $this->cell(ScheduleColumn::Poles);
        if ($cell === '') {
            return $twoSpaces ? 2 : 1;
        }
        $poles = $this->number(ScheduleColumn::Poles);
        if ($poles === 1.0 && $twoSpaces) {
            $this->fault(ScheduleColumn::Poles, 'is 1, but two spaces are given');

            return null;
        }
        if ($poles !== 1.0 && $poles !== 2.0) {
            if ($poles !== null) {
                $this->fault(ScheduleColumn::Poles, 'must be 1 or 2');
            }

            return null;
        }

        return (int) $poles;
    }

    /** False when the cells contradict each other. */
    private function half(string $fromSpace): Half|false|null
    {
        $cell = mb_strtolower($this->cell(ScheduleColumn::Tandem));
        if (in_array($cell, ['', 'no', 'none', 'n', '0', 'false'], true)) {
            return Half::tryFrom($fromSpace);
        }
        $half = Half::tryFrom($cell)
            ?? (in_array($cell, ['yes', 'y', 'x', '1', 'true', 'tandem'], true) ? Half::tryFrom($fromSpace) : null);
        if ($half === null || ($fromSpace !== '' && $half->value !== $fromSpace)) {
            $this->fault(ScheduleColumn::Tandem, "\"$cell\" must be a or b, as the space says (12a, 12b)");

            return false;
        }

        return $half;
    }

    private function protection(): ?Protection
    {
        $cell = str_replace([' ', '-'], '', mb_strtolower($this->cell(ScheduleColumn::Protection)));
        $protection = match ($cell) {
            '', 'no', 'standard' => Protection::None,
            'dual', 'afci/gfci', 'afci+gfci', 'dualfunction', 'cafci/gfci' => Protection::Dual,
            'cafci', 'arcfault' => Protection::Afci,
            'gfi', 'groundfault' => Protection::Gfci,
            default => Protection::tryFrom($cell),
        };
        if ($protection === null) {
            $this->fault(ScheduleColumn::Protection, "\"$cell\" must be none, AFCI, GFCI or dual");
        }

        return $protection;
    }

    private function role(): ?Role
    {
        $cell = mb_strtolower($this->cell(ScheduleColumn::Role));
        $role = match ($cell) {
            '', 'leave off' => Role::Off,
            'must run' => Role::Must,
            'when there is room' => Role::Room,
            default => Role::tryFrom($cell),
        };
        if ($role === null) {
            $this->fault(ScheduleColumn::Role, "\"$cell\" must be must, room or off");
        }

        return $role;
    }

    private function kind(): ?LoadKind
    {
        $cell = str_replace('_', ' ', mb_strtolower($this->cell(ScheduleColumn::Kind)));
        $kind = $cell === '' ? LoadKind::Other : LoadKind::tryFrom($cell);
        if ($kind === null) {
            $this->fault(
                ScheduleColumn::Kind, "\"$cell\" is not a kind of load. Kinds: ".implode(', ', array_column(LoadKind::cases(), 'value')),
            );
        }

        return $kind;
    }

    private function number(ScheduleColumn $column): ?float
    {
        $cell = $this->cell($column);
        if ($cell === '') {
            return null;
        }
        $number = Number::read($cell);
        if ($number === null) {
            $this->fault($column, '"'.mb_substr($cell, 0, 40).'" is not a number');
        } elseif ($number < 0) {
            $this->fault($column, 'must not be below 0');
        }

        return $number;
    }

    /**
     * @template T of object
     *
     * @param  callable(): ?T  $make
     * @return ?T
     */
    private function made(ScheduleColumn $column, callable $make): ?object
    {
        try {
            return $make();
        } catch (Refused $refused) {
            $at = ScheduleColumn::tryFrom($refused->field) ?? $column;
            $this->faults[] = new RowFault($this->line, $at->value, $refused->getMessage());

            return null;
        }
    }
}
