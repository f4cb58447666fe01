<?php

declare(strict_types=1);

namespace App\Screens;

use App\Shop\ShopPrices;
use Underpin\Connection\PickDrift;
use Underpin\Connection\Possible;
use Underpin\Connection\Way;
use Underpin\Connection\WayChoice;
use Underpin\Form\Field;
use Underpin\Job\Panel;
use Underpin\Job\Part\ConnectionPart;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Schools;
use Underpin\Pricing\WayMatrix;
use Underpin\Pricing\WayRow;

/** All the ways of connecting on one job, by the shop's prices, and the one that is looked at. */
final readonly class ConnectScreen
{
    /**
     * @param  ?WayRow  $open  whose reasons stand below the matrix
     * @param  list<string>  $interlockOrSwitch
     * @param  list<string>  $inlet
     * @param  list<string>  $drift  what has changed since the pick, where it does not fit any more
     */
    private function __construct(
        public WayMatrix $matrix, public ?WayRow $open, public array $interlockOrSwitch, public array $inlet, public array $drift,
    ) {
    }

    public static function of(JobScreen $screen, string $open): self
    {
        $book = ShopPrices::book($screen->row->shop);
        $matrix = WayMatrix::of($screen->design(), $book);
        $picked = $matrix->find($screen->job->connection->way);
        $fits = $picked === null || ($picked->verdict->possible === Possible::Yes && $picked->verdict->dead === []);

        return new self(
            $matrix, $matrix->find($open) ?? $picked ?? $matrix->best(), Schools::interlockOrSwitch($matrix),
            self::inlet($screen, $matrix, $book), $fits ? [] : PickDrift::of($screen->design()->situation()),
        );
    }

    /** @return list<string> */
    private static function inlet(JobScreen $screen, WayMatrix $matrix, PriceBook $book): array
    {
        $way = $screen->design()->way() ?? $matrix->best()?->verdict->way;

        return $way === null ? [] : Schools::inletForTodayOrLater($screen->design(), $way, $book);
    }

    /**
     * What the way leaves to choose.
     *
     * @return list<array{Field, string|int|bool|null, ?array<array-key, string>}> the field, what stands there, its options (null: typed)
     */
    public function choices(Way $way, JobScreen $screen): array
    {
        $connection = $screen->job->connection;
        $situation = $screen->design()->situation();
        $panels = array_column(array_map(fn (Panel $p): array => [$p->id, $p->name], $screen->job->service->panels), 1, 0);
        $circuits = [];
        foreach ($situation->plan->must as $circuit) {
            $circuits[$circuit->id] = $circuit->title();
        }
        $neutral = ConnectionPart::switchesNeutral();
        $choices = [];
        foreach ($way->leavesToChoose($situation) as $choice) {
            $choices[] = match ($choice) {
                WayChoice::Panel => [ConnectionPart::panel(), $connection->panel, ['' => 'the usual one'] + $panels],
                WayChoice::Circuit => [ConnectionPart::circuit(), $connection->circuit, ['' => 'the usual one'] + $circuits],
                WayChoice::Neutral => [$neutral, $connection->switchesNeutral, ['' => 'not chosen'] + ($neutral->options() ?? [])],
                WayChoice::Meters => [ConnectionPart::meters(), $connection->meters, ConnectionPart::meters()->options() ?? []],
                WayChoice::UtilityFault => [ConnectionPart::utilityFault(), $connection->utilityFaultAmps, null],
                WayChoice::Withstand => [ConnectionPart::withstand(), $connection->withstandAmps, null],
                WayChoice::Interrupt => [ConnectionPart::interrupt(), $connection->interruptAmps, null],
            };
        }

        return $choices;
    }
}
