<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\Alternators;
use Underpin\Codebook\SoftStarters;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Say;

/**
 * Every start of what must run on one machine, the largest first. Good practice: a dip of 30 % is let pass where motors and lights alone
 * are on, 15 % with electronics; a machine that idles gives about half to a start.
 */
final readonly class StartTable
{
    /** Good practice: part of what runs from which on the current of electronics and chargers bends the voltage of a small machine. */
    private const MANY_ELECTRONICS = 0.25;

    private const SMALL_KVA = 15.0;

    /** @var list<StartRow> the largest start first */
    public array $rows;

    /** electronics or medical equipment are among what must run */
    public bool $hasElectronics;

    public function __construct(private Fit $fit)
    {
        $this->hasElectronics = $this->wattsOf(LoadKind::Electronics, LoadKind::Medical) > 0;
        $rows = [];
        foreach ($fit->plan->must as $circuit) {
            foreach ($fit->supply->canFeed($circuit) ? $circuit->loads : [] as $load) {
                if (Limit::over($load->knownStartW(), $load->knownRunW())) {
                    $rows[] = $this->row($circuit, $load);
                }
            }
        }
        usort($rows, fn (StartRow $x, StartRow $y): int => $y->kva <=> $x->kva);
        $this->rows = $rows;
    }

    public function limitPct(): float
    {
        return $this->hasElectronics ? Alternators::DIP_WITH_ELECTRONICS_PCT : Alternators::DIP_PCT;
    }

    /** The deepest dip, per cent; null: electronics make the voltage, or nothing starts. */
    public function deepestPct(): ?float
    {
        $dips = array_filter(array_map(fn (StartRow $row): ?float => $row->dip?->pct, $this->rows), is_float(...));

        return $dips === [] ? null : max($dips);
    }

    /** @return list<string> sentences on what the table does not show */
    public function notes(): array
    {
        return array_values(array_filter([$this->unknown(), $this->reactance(), $this->idle(), $this->harmonics(), $this->halves()]));
    }

    private function row(Circuit $circuit, Load $load): StartRow
    {
        $supply = $this->fit->supply;
        $leg = $circuit->legOf($load);
        $hot = $supply->hotFor($leg);
        $startVa = $load->knownStartW() / $load->pf;
        $runVa = $load->knownRunW() / $load->pf;
        $surplus = ($startVa - $runVa) / $leg->volts();
        $running = $this->fit->running;
        $onOneHalf = $supply->feedsBothLegs() && $hot !== Leg::AB;
        $softVa = $load->kind->isMotor() ? max($runVa, $startVa * SoftStarters::LEAVES_PCT / 100) : null;

        return new StartRow(
            $circuit, $load, $startVa / $leg->volts(), $startVa / 1000,
            max($hot->onA() ? $running->aAmps + $surplus : 0.0, $hot->onB() ? $running->bAmps + $surplus : 0.0),
            StartDip::of($supply, $startVa, $onOneHalf), $this->limitPct(), $onOneHalf, $softVa === null ? null : $softVa / $leg->volts(),
            $softVa === null ? null : StartDip::of($supply, $softVa, $onOneHalf),
        );
    }

    private function unknown(): string
    {
        $names = array_map(fn (Load $load): string => $load->name, $this->fit->plan->startsMissing());

        return $names === [] ? '' : 'Not in the table, since it is not known what they start with: '.Say::list($names, 6).'.';
    }

    private function reactance(): string
    {
        $supply = $this->fit->supply;
        if ($supply->machine->form->isInverter()) {
            return 'Electronics make its voltage: it holds up to its limit, and then switches off. No dip is told.';
        }

        return sprintf(
            'Dips by a transient reactance of %s per unit on %s kVA%s.', Alternators::REACTANCE_PU,
            number_format(StartDip::kva($supply), 1),
            $supply->machine->plate->kva === null ? ', its running watts, since its plate does not say: ask the maker for both' : '',
        );
    }

    private function idle(): string
    {
        $largest = $this->rows[0] ?? null;
        $gives = $this->fit->supply->runLimitAmps() * Alternators::IDLE_GIVES;
        $idles = $this->fit->supply->machine->plate->idleMode;
        $hasNone = $idles === false || $this->fit->supply->machine->form->isBattery();
        if ($largest === null || $hasNone || ! Limit::over($largest->amps, $gives)) {
            return '';
        }

        return sprintf(
            '%s %s at %s would find it slow, with about %s to give: idle mode off until all motors run.',
            $idles === true ? 'In idle mode' : 'Whether it has an idle mode is not known. If so,', $largest->circuit->title(),
            Say::amps($largest->amps), Say::amps($gives),
        );
    }

    private function harmonics(): string
    {
        $all = array_sum(array_map(fn (Circuit $c): float => $c->runW(), $this->fit->plan->must));
        $bent = $this->wattsOf(LoadKind::Electronics, LoadKind::Medical, LoadKind::Charger);
        $supply = $this->fit->supply;
        if ($all <= 0 || $bent < $all * self::MANY_ELECTRONICS || $supply->machine->form->isInverter()
            || StartDip::kva($supply) > self::SMALL_KVA) {
            return '';
        }

        return sprintf(
            'Electronics and chargers are %s of what runs. They draw in pulses, which bends the voltage of a small wound machine: '
                .'lamps flicker, battery backups may refuse it, and the neutral carries more than the legs show. An inverter machine, or '
                .'one with a larger alternator, does better.', Say::pct(100 * $bent / $all),
        );
    }

    private function halves(): string
    {
        $half = array_filter($this->rows, fn (StartRow $row): bool => $row->onOneHalf && $row->dip !== null);

        return $half === [] ? '' : 'A 120 V motor loads one half of the winding: its dip is told twice as deep.';
    }

    private function wattsOf(LoadKind ...$kinds): float
    {
        $watts = 0.0;
        foreach ($this->fit->plan->must as $circuit) {
            foreach ($circuit->loads as $load) {
                $watts += in_array($load->kind, $kinds, true) ? $load->knownRunW() : 0.0;
            }
        }

        return $watts;
    }
}
