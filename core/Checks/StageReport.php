<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Connection\Possible;
use Underpin\Outage\CardGaps;
use Underpin\Service\Chain;
use Underpin\Service\ChainNode;
use Underpin\Service\Circuit;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\PanelKind;
use Underpin\Sizing\Verdict;
use Underpin\Stage;

/** One station of the line: how far it is, what is still missing, and its findings. */
final readonly class StageReport
{
    /**
     * @param  list<string>  $missing
     * @param  list<Finding>  $findings
     */
    private function __construct(public Stage $stage, public Reach $reach, public array $missing, public array $findings)
    {
    }

    /** @return list<self> of every stage, in order */
    public static function all(Review $review): array
    {
        return array_map(fn (Stage $stage): self => self::of($stage, $review), Stage::cases());
    }

    public static function of(Stage $stage, Review $review): self
    {
        $facts = $review->facts;
        $findings = $review->on($stage);
        [$begun, $missing] = match ($stage) {
            Stage::Survey => self::survey($facts),
            Stage::Loads => self::loads($facts),
            Stage::Size => self::size($facts),
            Stage::Connect => self::connect($facts),
            Stage::Wire => self::wire($facts),
            Stage::Run => self::run($review),
            default => [false, ['This stage comes later.']],
        };
        $grave = array_filter($findings, fn (Finding $f): bool => $f->severity !== Severity::Advice);
        $reach = match (true) {
            ! $begun => Reach::Empty,
            $missing !== [] || $grave !== [] => Reach::Part,
            default => Reach::Done,
        };

        return new self($stage, $reach, $missing, $findings);
    }

    /**
     * The furthest stage that has been begun.
     *
     * @param  list<self>  $reports
     */
    public static function reached(array $reports): Stage
    {
        $reached = Stage::Survey;
        foreach ($reports as $report) {
            if ($report->reach !== Reach::Empty && ($report->stage !== Stage::Run || $report->reach === Reach::Done)) {
                $reached = $report->stage;
            }
        }

        return $reached;
    }

    /** @return array{bool, list<string>} whether it is begun, and what is missing */
    private static function survey(Facts $facts): array
    {
        $job = $facts->job;
        $missing = [];
        if ($job->customer->name === '') {
            $missing[] = 'The customer\'s name.';
        }
        if ($job->serviceA === null) {
            $missing[] = 'The rating of the service.';
        }
        if ($job->panels === []) {
            $missing[] = 'A panel.';
        } elseif ($job->circuits() === []) {
            $missing[] = 'The panel\'s breakers.';
        }
        if (array_filter($job->circuits(), fn (Circuit $c): bool => $c->name === '') !== []) {
            $missing[] = 'Names for the unnamed circuits.';
        }
        array_push($missing, ...self::chain($facts));
        $panel = $job->panel();
        if ($panel !== null && $panel->interlockListed === null) {
            $missing[] = 'Whether an interlock is listed for this panel.';
        }
        if ($panel !== null && $panel->hasMultiwire === null) {
            $missing[] = 'Whether the panel has multiwire circuits.';
        }

        return [$job->panels !== [], $missing];
    }

    /** @return list<string> what is not known of the way from the utility to the panels */
    private static function chain(Facts $facts): array
    {
        $service = $facts->job->service;
        $missing = $service->place === null ? ['Where the service is switched off.'] : [];
        if ($service->place !== null && $service->place !== DisconnectPlace::Panel && $service->disconnects === []) {
            $missing[] = 'The disconnect ahead of the panels.';
        }
        $unlooked = array_filter($facts->chain->nodes, fn (ChainNode $n): bool => $n->isService && $n->bonded === null);
        if ($unlooked !== [] && $facts->chain->bonds() === []) {
            $missing[] = 'Where neutral and ground are bonded.';
        }
        foreach ($facts->job->panels as $panel) {
            if ($panel->fedFrom === '' && ($panel->kind === PanelKind::Sub || count($service->disconnects) > 1)) {
                $missing[] = "What feeds $panel->name.";
            } elseif ($panel->fedFrom !== '' && Chain::feederA($panel, $facts->job->panels) === null && $service->disconnect($panel->fedFrom) === null) {
                $missing[] = "The breaker of the feeder to $panel->name.";
            }
        }

        return $missing;
    }

    /** @return array{bool, list<string>} */
    private static function loads(Facts $facts): array
    {
        $marked = $facts->plan->must !== [] || $facts->plan->room !== [];

        return [$marked, $facts->plan->must === [] ? ['What must run.'] : []];
    }

    /** @return array{bool, list<string>} */
    private static function size(Facts $facts): array
    {
        if ($facts->fit === null) {
            return [false, ['A generator to stand on.']];
        }

        return [true, $facts->fit->verdict === Verdict::Unknown ? ['Figures for everything that must run.'] : []];
    }

    /** @return array{bool, list<string>} */
    private static function connect(Facts $facts): array
    {
        if ($facts->connection === null) {
            return [false, ['A way of connecting.']];
        }

        return [true, $facts->connection->possible === Possible::NotKnown ? ['What decides whether it is possible.'] : []];
    }

    /** @return array{bool, list<string>} */
    private static function wire(Facts $facts): array
    {
        if ($facts->wire === null) {
            return [false, ['A generator and a way of connecting, first.']];
        }
        $measured = $facts->job->wire->cordFt !== null || $facts->job->wire->runFt !== null;

        return [$measured, array_map(fn (string $what): string => ucfirst($what).'.', $facts->wire->missing)];
    }

    /** @return array{bool, list<string>} */
    private static function run(Review $review): array
    {
        $facts = $review->facts;

        return [$facts->plan->must !== [] && $facts->job->supply !== null && $facts->job->connection !== null, CardGaps::of($review)];
    }
}
