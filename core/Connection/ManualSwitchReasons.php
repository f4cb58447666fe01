<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\ManualSwitches;
use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\SwitchKind;
use Underpin\Say;
use Underpin\Service\Multiwire;

/**
 * What speaks for a manual transfer switch with places for chosen circuits, against it, and what has to be looked at first.
 * NEC 2023 702.4, 702.5, 312.8 (splices), 210.12 and 210.8 (protection kept), 200.4 and 210.4 (neutrals), 225.30 (other buildings).
 */
final readonly class ManualSwitchReasons
{
    /**
     * @param  list<Circuit>  $moved  to the switch
     * @param  list<Circuit>  $dead  must run, and cannot be moved to it
     * @param  ?bool  $switchesNeutral  null: not known
     */
    public function __construct(
        private Situation $situation,
        private array $moved,
        private array $dead,
        private SwitchLayout $layout,
        private ?bool $switchesNeutral,
    ) {
    }

    /** @return list<Reason> */
    public function all(): array
    {
        return [
            ...$this->choice(),
            ...$this->given(),
            ...$this->incoming(),
            ...$this->tooLarge(),
            ...(new OtherBuilding($this->situation))->reasons($this->situation->plan->must),
            ...$this->neutrals(),
            ...$this->splices(),
            ...$this->protection(),
            ...$this->multiwire(),
        ];
    }

    private function positions(): int
    {
        return array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $this->moved));
    }

    /** @return list<Reason> */
    private function choice(): array
    {
        $source = Source::nec('702.4, 702.5');
        $positions = $this->positions();
        $size = ManualSwitches::with($positions);
        if ($this->situation->plan->must === []) {
            return [Reason::open('Mark the circuits that must run: each takes a place on the switch.', $source, 'mark what must run')];
        }
        if ($size === null) {
            return [
                Reason::stops(
                    'The circuits that must run take '.Say::count($positions, 'place').'; such switches end at '
                        .max(ManualSwitches::PLACES).'. Leave some off, or use an interlock or a sub-panel.',
                    $source, "$positions places, it ends at ".max(ManualSwitches::PLACES),
                ),
            ];
        }

        return [Reason::note('The circuits that must run take '.Say::count($positions, 'place').": a switch for $size.", $source)];
    }

    /** @return list<Reason> */
    private function tooLarge(): array
    {
        $large = array_filter($this->dead, fn (Circuit $c): bool => $c->breakerAmps > ManualSwitches::MOST_BREAKER_A);
        if ($large === []) {
            return [];
        }
        $names = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title()." ($c->breakerAmps A)", $large)));

        return [
            Reason::stops(
                "$names cannot go on it: its breakers end at ".ManualSwitches::MOST_BREAKER_A.' A.', Source::nec('110.3(B)'),
                Say::count(count($large), 'circuit').' over '.ManualSwitches::MOST_BREAKER_A.' A',
            ),
        ];
    }

    /** @return list<Reason> places that were given and cannot be kept */
    private function given(): array
    {
        $notKept = $this->layout->notKept;

        return $notKept === [] ? [] : [Reason::open(
            'The places given to '.Say::list($notKept).' cannot be kept together: a two-pole circuit, and the two halves of a multiwire '
                .'one, need an odd place and the next. All are laid out anew until that is mended.',
            Source::practice('places of a switch'),
        )];
    }

    /** @return list<Reason> */
    private function incoming(): array
    {
        $size = ManualSwitches::with($this->positions());
        $most = $size === null ? null : ManualSwitches::incomingAmps($size);
        $gives = $this->situation->supply?->machine->outletAmps;
        if ($most === null || $gives === null || $gives <= $most) {
            return [];
        }

        return [Reason::note(
            "The machine's outlet or breaker is $gives A, and a switch of $size places usually takes $most A at most (its label comes "
                ."first): its incoming breaker is no larger than that, and what runs on it stays within $most A a leg.",
            Source::nec('110.3(B), 240.4'),
        )];
    }

    /** @return list<Reason> */
    private function neutrals(): array
    {
        $kind = $this->situation->job->connection->switchKind;
        $source = Source::nec('200.4, 300.3(B), 110.3(B)');

        if ($kind === SwitchKind::Pigtails && $this->switchesNeutral === null) {
            return [Reason::open(
                'It is said to break the neutral, and to be spliced to pigtails in the panel: there the branch neutrals stay, on the '
                    .'neutral of the house, so nothing breaks it. Look at the instructions of the switch, and choose one of the two.',
                $source, 'which: pigtails, or a broken neutral',
            )];
        }

        return [match ($kind) {
            null => Reason::open(
                'Choose the kind of switch: with pigtails that are spliced in the panel the branch neutrals stay there; where whole cables '
                    .'are moved over, each takes its neutral along.',
                $source, 'choose its kind',
            ),
            SwitchKind::Pigtails => Reason::note(
                'Only the hots go to the switch, over its pigtails; branch neutrals stay in the panel, as its listing says. Where a '
                    .'breaker with AFCI or GFCI sits in the switch, the neutral of that circuit goes to it.',
                $source,
            ),
            SwitchKind::Cables => Reason::note(
                'Every circuit that is moved takes its own neutral and its ground along, in one cable or raceway.', $source,
            ),
        }];
    }

    /** @return list<Reason> */
    private function splices(): array
    {
        return [$this->situation->job->authority->rules->splicesInPanel
            ? Reason::note('Moved circuits may be spliced in the panel, as far as its wiring space allows.', Source::nec('312.8'))
            : Reason::change(
                'Splices in the panel are not allowed here: bring longer cable to the switch, or set a junction box beside the panel.',
                Source::nec('312.8, local amendment'), 'no splices: a junction box',
            )];
    }

    /** @return list<Reason> */
    private function protection(): array
    {
        $protected = array_filter($this->moved, fn (Circuit $c): bool => $c->protection->hasAfci() || $c->protection->hasGfci());
        if ($protected === []) {
            return [];
        }
        $names = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title().' ('.$c->protection->mark().')', $protected)));

        return [
            Reason::note(
                "On the generator the panel's own breaker of $names is out of the circuit, and its protection with it: the switch takes a "
                    .'breaker of the same kind for it, or the protection sits downstream, so that it stands in both positions.',
                Source::nec('210.12, 210.8'),
            ),
        ];
    }

    /** @return list<Reason> */
    private function multiwire(): array
    {
        $source = Source::nec('210.4, 300.13(B)');
        $on240 = $this->situation->supply === null || $this->situation->supply->feedsBothLegs();
        $multiwire = new Multiwire($this->situation->job->service->panels);
        $reasons = [];
        foreach ($multiwire->pairs() as [$one, $other]) {
            $on = array_filter([$one, $other], fn (Circuit $c): bool => in_array($c->id, array_column($this->moved, 'id'), true));
            if (count($on) === 1) {
                $reasons[] = Reason::stops(
                    "{$one->title()} and {$other->title()} share a neutral: both go on the switch, on opposite legs and under one handle, "
                        .'or neither does. With one half on the generator and one on the utility that neutral carries two sources.',
                    $source,
                );
            } elseif (count($on) === 2 && $on240) {
                $reasons[] = Reason::note(
                    "{$one->title()} and {$other->title()} share a neutral: they have two places side by side, on opposite legs, under "
                        .'one handle.',
                    $source,
                );
            }
        }
        if ($on240) {
            return [...$reasons, ...$this->unlooked($multiwire)];
        }

        return [...$reasons, ...match ($multiwire->among($this->moved)) {
            true => [Reason::stops(
                'With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry the sum of both.',
                $source,
            )],
            null => [Reason::open(
                'With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry both. Look '
                    .'which circuits share a neutral.',
                $source,
            )],
            false => [],
        }];
    }

    /** @return list<Reason> */
    private function unlooked(Multiwire $multiwire): array
    {
        $open = array_filter($this->moved, fn (Circuit $c): bool => $multiwire->isShared($c) === null);

        return $open === [] ? [] : [Reason::note(
            'Before a circuit is moved, look whether it shares its neutral with another: both halves go on the switch, on opposite legs '
                .'and under one handle, or neither does.',
            Source::nec('210.4, 300.13(B)'),
        )];
    }
}
