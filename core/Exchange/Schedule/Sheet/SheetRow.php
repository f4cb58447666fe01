<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Csv\CsvText;
use Underpin\Csv\MixedMarks;
use Underpin\Csv\NumberColumn;
use Underpin\Exchange\RoleCell;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Job\Half;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Refused;

/** One side of one row of a sheet: a breaker, the two of a tandem, a load for a breaker above, or nothing. */
final class SheetRow
{
    /** What people write as the name of a place without a breaker. */
    private const SPACE = '/^(?:(?:open |empty |unused |blank )?spaces?|blank|open|empty|unused)$/i';

    /** What they write where there is nothing to say. */
    private const NOTHING = '/^(?:n\/?a|none|-+|–|—|spaces?|blank)?$/iu';

    /** A breaker that protects against overcurrent alone. */
    private const PLAIN = [
        '', 'no', 'none', 'standard', 'std', 'thermal magnetic', 'thermal-magnetic', 'tm', 'n/a', '-', 'breaker', 'bolt-on', 'plug-in',
        'tandem', 'twin', 'quad', 'main', 'switch', 'spare',
    ];

    /** @var list<RowFault> */
    private array $faults = [];

    /** @var list<RowDoubt> */
    private array $doubts = [];

    /** @var array<string, string> cells by meaning */
    private array $cells = [];

    /** @var array<string, NumberColumn> by meaning */
    private array $numbers = [];

    /**
     * @param  list<string>  $cells
     * @param  array<int, Meaning>  $meanings  by the place of the column
     * @param  array<int, NumberColumn>  $numbers  by the place of the column
     */
    public function __construct(public readonly int $line, array $cells, array $meanings, array $numbers)
    {
        foreach ($meanings as $i => $meaning) {
            $this->cells[$meaning->value] = CsvText::meant($cells[$i] ?? '');
            if (isset($numbers[$i])) {
                $this->numbers[$meaning->value] = $numbers[$i];
            }
        }
    }

    /** @return list<RowFault> */
    public function faults(): array
    {
        return $this->faults;
    }

    /** @return list<RowDoubt> */
    public function doubts(): array
    {
        return $this->doubts;
    }

    public function panel(): ?string
    {
        $name = mb_substr($this->cell(Meaning::Panel), 0, 100);

        return $name === '' ? null : $name;
    }

    public function breaker(): ?BreakerCell
    {
        return BreakerCell::read($this->cell(Meaning::Amps));
    }

    /** @return list<SheetCircuit> none, one, or the two of a tandem */
    public function circuits(): array
    {
        $loads = $this->loads();
        if ($this->isEmpty() && $loads === []) {
            return [];
        }
        $space = SpaceCell::read($this->cell(Meaning::Space));
        if ($space === null) {
            // A line of words alone is a title, a sum or a note.
            if ($this->breaker() !== null || $this->cell(Meaning::Space) !== '') {
                $this->fault('space', $this->cell(Meaning::Space) === ''
                    ? 'space is missing.'
                    : "\"{$this->cell(Meaning::Space)}\" is not a space; write 5, 5-7, 12a or 12A/12B.");
            }

            return [];
        }
        if ($space->doubt !== null) {
            $this->doubts[] = new RowDoubt($this->line, $space->doubt);
        }

        return $this->made($space, $loads);
    }

    /**
     * @param  list<SheetLoad>  $loads
     * @return list<SheetCircuit>
     */
    private function made(SpaceCell $space, array $loads): array
    {
        $breaker = $this->read();
        $poles = $this->poles($space, $breaker);
        $protection = $this->protection($breaker);
        $role = $this->role();
        $halves = $this->halves($space, $breaker);
        if ($poles === 2 && count($halves) > 1) {
            $this->fault('poles', 'poles: the two breakers of a tandem have one pole each.');
        }
        if ($poles === 2 && $space->space + 2 > Position::HIGHEST_SPACE) {
            $this->fault('space', "space $space->space: a two-pole breaker would run off the end.");
        }
        if ($this->faults !== []) {
            return [];
        }
        $names = $this->names(count($halves));
        $circuits = [];
        foreach ($halves as $i => $half) {
            $amps = $breaker->amps[$i] ?? $breaker->amps[0] ?? null;
            $circuits[] = new SheetCircuit(
                $this->line, $space->space, $poles, $half, $amps, $names[$i], $protection, $role, $i === 0 ? $loads : [],
                mb_substr($this->cell(Meaning::Note), 0, 1000),
            );
        }

        return $circuits;
    }

    /** Nothing is said of a breaker: the row is blank, says SPACE, or says SPARE without a rating. */
    private function isEmpty(): bool
    {
        $name = $this->cell(Meaning::Name);
        $hasRating = preg_match(self::NOTHING, $this->cell(Meaning::Amps)) !== 1;

        return preg_match(self::SPACE, $name) === 1
            || (! $hasRating && (preg_match(self::NOTHING, $name) === 1 || preg_match('/^spare$/i', $name) === 1));
    }

    private function read(): ?BreakerCell
    {
        $cell = $this->cell(Meaning::Amps);
        $breaker = BreakerCell::read($cell);
        if ($breaker === null && preg_match(self::NOTHING, $cell) !== 1) {
            $this->fault('amps', "\"{$this->short($cell)}\" is no breaker; write 20, 20A, 20/1, 2P-30, 15 AFCI or 15/20 for a tandem.");
        }

        return $breaker;
    }

    private function poles(SpaceCell $space, ?BreakerCell $breaker): int
    {
        $cell = $this->cell(Meaning::Poles);
        $said = in_array($cell, ['1', '2', '3'], true) ? (int) $cell : (BreakerCell::read($cell)->poles ?? $breaker?->poles);
        if ($cell !== '' && preg_match(self::NOTHING, $cell) !== 1 && $said === null) {
            $this->fault('poles', "\"{$this->short($cell)}\" is no number of poles; write 1 or 2.");
        }
        if ($said === 3) {
            $this->fault('poles', 'poles: three-pole breakers belong to a three-phase panel.');
        }
        if ($said === 1 && $space->isPair) {
            $this->fault('poles', 'poles is 1, but two spaces are given.');
        }

        return $space->isPair || $said === 2 ? 2 : 1;
    }

    private function protection(?BreakerCell $breaker): Protection
    {
        $cell = $this->cell(Meaning::Protection);
        $found = BreakerCell::read($cell)->protection ?? Protection::tryFrom(mb_strtolower($cell));
        if ($found === null && $breaker?->protection === null && ! in_array(mb_strtolower($cell), self::PLAIN, true)) {
            $this->fault('protection', "\"{$this->short($cell)}\" must be none, AFCI, GFCI or dual.");
        }

        return $found ?? $breaker->protection ?? Protection::None;
    }

    private function role(): ?Role
    {
        $cell = $this->cell(Meaning::Role);
        $role = RoleCell::read($cell);
        if ($cell !== '' && $role === null) {
            $this->fault('role', "\"{$this->short($cell)}\" must be must, room or off.");
        }

        return $role;
    }

    /** @return non-empty-list<?Half> */
    private function halves(SpaceCell $space, ?BreakerCell $breaker): array
    {
        $cell = mb_strtolower($this->cell(Meaning::Half));
        $half = Half::tryFrom($cell);
        $ofSpace = $space->halves;
        $isPlain = in_array($cell, ['', 'no', 'none', 'n', '0', 'false'], true);
        $isMeant = in_array($cell, ['yes', 'y', 'x', '1', 'true', 'tandem', 'twin'], true) && $ofSpace !== [null];
        if (! $isPlain && ! $isMeant && ($half === null || ! in_array($ofSpace, [[null], [$half]], true))) {
            $this->fault('half', "\"{$this->short($cell)}\" must be a or b, as the space says (12a, 12b).");
        }

        return match (true) {
            $ofSpace !== [null] => $ofSpace,
            count($breaker->amps ?? []) > 1 => [Half::Upper, Half::Lower],
            default => [$half],
        };
    }

    /** @return list<string> the whole name for each, unless it has as many parts by a slash */
    private function names(int $count): array
    {
        $name = mb_substr($this->cell(Meaning::Name), 0, 100);
        $parts = array_map(trim(...), explode('/', $name));
        $isSplit = $count === 2 && count($parts) === 2 && ! in_array('', $parts, true);

        return $isSplit ? $parts : array_fill(0, $count, $name);
    }

    /** @return list<SheetLoad> none or one */
    private function loads(): array
    {
        $name = mb_substr($this->cell(Meaning::Load), 0, 100);
        $kind = str_replace('_', ' ', mb_strtolower($this->cell(Meaning::Kind)));
        $run = $this->number(Meaning::RunW);
        $start = $this->number(Meaning::StartW);
        $pf = $this->number(Meaning::Pf);
        if ($kind !== '' && LoadKind::tryFrom($kind) === null) {
            $kinds = implode(', ', array_column(LoadKind::cases(), 'value'));
            $this->fault('kind', "\"{$this->short($kind)}\" is not a kind of load. Kinds: $kinds.");
        }
        try {
            new Load('load', $name === '' ? 'load' : $name, LoadKind::tryFrom($kind) ?? LoadKind::Other, $run, $start, $pf ?? 1.0);
        } catch (Refused $refused) {
            $this->fault($refused->field, $refused->getMessage());
        }

        return $name === '' && $kind === '' && $run === null && $start === null && $pf === null
            ? []
            : [new SheetLoad($name === '' ? null : $name, LoadKind::tryFrom($kind), $run, $start, $pf)];
    }

    private function number(Meaning $meaning): ?float
    {
        $cell = $this->cell($meaning);
        $column = $this->numbers[$meaning->value] ?? null;
        if ($cell === '' || $column === null) {
            return null;
        }
        if ($column->isOpen($cell)) {
            $this->fault($meaning->value, NumberColumn::question($cell).'. Say which decimal mark it is, or type it anew.');

            return null;
        }
        try {
            $number = $column->read($cell);
        } catch (MixedMarks $mixed) {
            $this->fault($meaning->value, "{$mixed->getMessage()}.");

            return null;
        }
        if ($number === null || $number < 0) {
            $this->fault($meaning->value, "\"{$this->short($cell)}\" is not a number from 0 on.");

            return null;
        }

        return $number;
    }

    private function cell(Meaning $meaning): string
    {
        return $this->cells[$meaning->value] ?? '';
    }

    private function fault(string $column, string $message): void
    {
        $this->faults[] = new RowFault($this->line, $column, $message);
    }

    private function short(string $cell): string
    {
        return mb_strimwidth($cell, 0, 40, '…');
    }
}
