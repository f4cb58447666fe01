<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

use Underpin\Csv\Number;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\Panel;

/** One line of the loads as a sheet: a breaker with one of the loads on it, or with none yet. */
final readonly class GridRow
{
    /**
     * @param  ?Load  $load  null: none is on it yet
     * @param  bool  $isFirst  of its breaker: what is said of the breaker is changed in its first line
     * @param  bool  $isFeeder  it feeds another panel: what that draws is said there
     */
    private function __construct(
        public Panel $panel, public Circuit $circuit, public ?Load $load, public bool $isFirst, public bool $isFeeder,
    ) {
    }

    /** @return non-empty-list<self> a line for each load of a breaker, or one without */
    public static function of(Panel $panel, Circuit $circuit, bool $isFeeder = false): array
    {
        $rows = [];
        foreach ($circuit->loads === [] ? [null] : $circuit->loads as $i => $load) {
            $rows[] = new self($panel, $circuit, $load, $i === 0, $isFeeder);
        }

        return $rows;
    }

    /**
     * @param  ?list<string>  $only  ids of the breakers; null: all
     * @return list<self>
     */
    public static function all(Job $job, ?array $only = null): array
    {
        $rows = [];
        $feeders = array_map(fn (Circuit $feeder): string => $feeder->id, $job->feeders());
        foreach ($job->service->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                if ($only === null || in_array($circuit->id, $only, true)) {
                    array_push($rows, ...self::of($panel, $circuit, in_array($circuit->id, $feeders, true)));
                }
            }
        }

        return $rows;
    }

    public function key(): GridKey
    {
        return new GridKey($this->circuit->id, $this->load->id ?? '');
    }

    /** A figure is missing in it that sizing needs. */
    public function isMissing(): bool
    {
        return ! $this->circuit->isSpare() && ! $this->isFeeder && ($this->load?->runW === null || $this->load->startIsMissing());
    }

    /** @return array<string, string> what stands in its cells, by column */
    public function cells(): array
    {
        return [
            'panel' => $this->panel->name,
            'space' => $this->circuit->label(),
            'name' => $this->circuit->name,
            'role' => $this->circuit->role->words(),
            'amps' => (string) $this->circuit->breakerAmps,
            'leg' => $this->circuit->leg()->value,
            'load' => $this->load->name ?? '',
            'run_w' => Number::write($this->load?->runW),
            'start_w' => Number::write($this->load?->startW),
            'note' => $this->circuit->note,
        ];
    }
}
