<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Machine as MachineRow;
use Underpin\Job\Fuel;
use Underpin\Job\Machine;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Ranking;

/** The shop's catalogue against one job. */
final readonly class SizeScreen
{
    /** Rows that show at once what could run together; the others when they are picked. */
    public const OPEN_ROWS = 2;

    /** @param  list<Fit>  $fits */
    private function __construct(public array $fits, public ?Fuel $fuel)
    {
    }

    public static function of(JobScreen $screen, string $fuel): self
    {
        $only = Fuel::tryFrom($fuel);
        $machines = MachineRow::query()->where('shop_id', $screen->row->shop_id)->where('retired', false)->orderBy('price_usd')->get();

        return new self(
            Ranking::of(
                $screen->design()->onGenerator(), array_values(array_map(fn (MachineRow $row): Machine => $row->core(), $machines->all())),
                $screen->job->generator->marginPct, $screen->job->site, $only,
            ),
            $only,
        );
    }

    public function isPicked(Fit $fit, JobScreen $screen): bool
    {
        return $screen->job->generator->machine?->id === $fit->supply->machine->id && $screen->job->generator->fuel === $fit->supply->fuel;
    }
}
