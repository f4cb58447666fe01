<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\FeederGround;
use Underpin\Job\Feeders;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Service\Buildings;
use Underpin\Service\DistributionPoint;
use Underpin\Service\Multiwire;
use Underpin\StageKey;

/** What is there. */
final class SurveyStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Survey;
    }

    public function title(): string
    {
        return 'Survey';
    }

    public function begun(Review $review): bool
    {
        return $review->design->job->service->panels !== [];
    }

    public function missing(Review $review): array
    {
        $job = $review->design->job;
        $missing = array_keys(array_filter([
            'The customer\'s name.' => $job->customer->name === '',
            'Whose local rules hold here.' => $job->authority->rules->authority === '',
            'The rating of the service.' => $job->service->amps === null,
            'A panel.' => $job->service->panels === [],
            'The panel\'s breakers.' => $job->service->panels !== [] && $job->circuits() === [],
            'Names for the unnamed circuits.' => array_filter($job->circuits(), fn (Circuit $c): bool => $c->name === '') !== [],
        ]));
        array_push($missing, ...$this->distribution($review->design));
        if ($job->service->panels !== [] && $job->service->otherSource === null) {
            $missing[] = 'Whether there is solar or a battery.';
        }
        $panel = $job->panel();
        if ($panel !== null && $panel->interlockListed === null) {
            $missing[] = 'Whether an interlock is listed for this panel.';
        }
        foreach ((new Multiwire($job->service->panels))->notLooked() as $name) {
            $missing[] = "Whether $name has multiwire circuits.";
        }
        foreach ($job->service->panels as $each) {
            if ($each->hasMain() === null) {
                $missing[] = "Whether $each->name has a main breaker.";
            }
        }

        return $missing;
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }

    /** @return list<string> what is not known of the way from the utility to the panels */
    private function distribution(Design $design): array
    {
        $service = $design->job->service;
        $missing = $service->place === null ? ['Where the service is switched off.'] : [];
        if ($service->place !== null && $service->place !== DisconnectPlace::Panel && $service->disconnects === []) {
            $missing[] = 'The disconnect ahead of the panels.';
        }
        $unlooked = array_filter(
            $design->distribution()->nodes, fn (DistributionPoint $n): bool => $n->isService !== false && $n->bonded === null,
        );
        if ($unlooked !== [] && $design->distribution()->bonds() === []) {
            $missing[] = 'Where neutral and ground are bonded.';
        }
        foreach ($service->disconnects as $disconnect) {
            if ($disconnect->marking === null) {
                $missing[] = "What $disconnect->name is marked: service disconnect, or not service equipment.";
            }
        }
        $buildings = new Buildings($service->panels);
        foreach ($service->panels as $panel) {
            if ($panel->bonded === null && $this->isBehindService($panel, $design)) {
                $missing[] = "Whether neutral and ground are bonded in $panel->name.";
            }
            if ($panel->feederGround === null && $this->isBehindService($panel, $design)) {
                $missing[] = "The ground of the feeder to $panel->name.";
            }
            $isLoneReturn = $panel->feederGround === FeederGround::None && $panel->bonded === true;
            if ($panel->otherBuilding === null && ($isLoneReturn || $buildings->asks($panel))) {
                $missing[] = "Whether $panel->name stands in another building than "
                    .($panel->fedFrom === '' ? 'where the service comes in.' : 'what feeds it.');
            }
            if ($panel->fedFrom === '' && ($panel->kind === PanelKind::Sub || count($service->disconnects) > 1)) {
                $missing[] = "What feeds $panel->name.";
            } elseif ($panel->fedFrom !== ''
                && Feeders::breakerAmps($panel, $service->panels) === null
                && $service->disconnect($panel->fedFrom) === null) {
                $missing[] = "The breaker of the feeder to $panel->name.";
            }
        }

        return $missing;
    }

    private function isBehindService(Panel $panel, Design $design): bool
    {
        $node = $design->distribution()->node($panel->id);

        return $panel->kind === PanelKind::Sub || $node !== null && $design->distribution()->isBehindService($node) === true;
    }
}
