<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSwitches;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Marking;
use Underpin\Job\Panel;

/**
 * Where a switch between the utility and a panel stands: behind a service disconnect, or as the service disconnect itself. Then its
 * marking, the bond, the electrode and the neutrals of the panel follow it. NEC 2023 230.66, 230.82, 250.24, 250.28.
 */
final readonly class AtService
{
    public function __construct(private Situation $situation, private ?Panel $panel)
    {
    }

    /** Another panel feeds it: everything here lies behind the service. */
    public function isBehindAPanel(): bool
    {
        $node = $this->panel === null ? null : $this->situation->distribution->node($this->panel->id);

        return $node?->parent !== null && $this->situation->job->service->panel($node->parent) !== null;
    }

    /** The disconnect that feeds the panel; null: there is none. */
    public function ahead(): ?Disconnect
    {
        $service = $this->situation->job->service;
        $node = $this->panel === null ? null : $this->situation->distribution->node($this->panel->id);

        return $node?->parent === null ? null : $service->disconnect($node->parent);
    }

    /** A switch here would be the service disconnect; null: where the service is switched off, or what that is marked, is not known. */
    public function isService(): ?bool
    {
        $ahead = $this->ahead();
        $place = $this->situation->job->service->place;

        return match (true) {
            $this->isBehindAPanel() => false,
            $ahead !== null => $ahead->marking === null ? null : $ahead->marking === Marking::NotService,
            $place === null => null,
            default => $place === DisconnectPlace::Panel,
        };
    }

    public function meter(): MeterWork
    {
        // A disconnect ahead makes the conductors behind it dead, whatever it is marked.
        return $this->ahead() !== null || $this->isBehindAPanel() ? MeterWork::Stays : match ($this->situation->job->service->place) {
            DisconnectPlace::Panel => MeterWork::Pulled,
            default => MeterWork::NotKnown,
        };
    }

    /** Amperes that flow through it from the utility; null: not noted. */
    public function amps(): ?int
    {
        if ($this->panel !== null && $this->isBehindAPanel()) {
            return $this->situation->distribution->node($this->panel->id)->feederAmps ?? $this->panel->mainAmps;
        }

        return $this->ahead()->amps ?? $this->panel->mainAmps ?? $this->situation->job->service->amps;
    }

    /** @return list<Reason> what a switch here becomes, and what follows for the panel behind it */
    public function reasons(): array
    {
        $source = Source::nec('230.66, 250.24, 250.28');

        return match ($this->isService()) {
            null => [Reason::open(
                'Where the service is switched off, and what that disconnect is marked, is not known: the bond belongs in the first '
                    .'one that is service equipment. Look, and say it in the survey.',
                $source, 'where is the service disconnect?',
            )],
            false => [Reason::note(
                "It stands behind {$this->ahead()?->name}, which is the service disconnect: the bond stays there, and the switch needs no "
                    .'marking as service equipment.',
                $source,
            )],
            true => [Reason::change(
                'It becomes the service disconnect: it is marked suitable for use as service equipment, the main bonding jumper and the '
                    .'grounding electrode conductor move to it, and '.($this->panel->name ?? 'the panel').' becomes a sub-panel, neutrals '
                    .'and grounds apart, on a four-wire feeder. The old bond comes out only when the new one is in and proven, everything '
                    .'dead.',
                Source::nec('230.66, 250.24, 250.28, 215.6'), ($this->panel->name ?? 'the panel').' becomes a sub-panel',
            )],
        };
    }

    /** @return list<Reason> whether one is made for what flows there */
    public function rating(): array
    {
        $amps = $this->amps();
        $source = Source::nec('230.79, 110.3(B)');
        $made = $amps === null ? null : TransferSwitches::wholeHouse($amps);

        return [match (true) {
            $amps === null => Reason::open(
                'Note the rating of the service: the switch must carry all of it.', $source, 'how many amperes?',
            ),
            $made === null => Reason::stops(
                "$amps A flow there, and switches of this kind end at ".max(TransferSwitches::WHOLE_HOUSE_A).' A: several share it.',
                $source,
                'over '.max(TransferSwitches::WHOLE_HOUSE_A).' A',
            ),
            default => Reason::note("$amps A can flow there from the utility: a switch of $made A.", $source),
        }];
    }

    /** The rating of the switch, amperes; null: not known, or none is made. */
    public function switchAmps(): ?int
    {
        $amps = $this->amps();

        return $amps === null ? null : TransferSwitches::wholeHouse($amps);
    }
}
