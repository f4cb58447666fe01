<?php

declare(strict_types=1);

namespace Underpin\Prove;

use Underpin\Assembly\Assembly;
use Underpin\Checklist\Range;
use Underpin\Codebook\Acceptance;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Sizing\Supply;

/** What is proven: a machine, the way that it is connected, and between what its readings must lie. */
final readonly class Trial
{
    private function __construct(public Design $design, public Way $way, public Supply $supply, public ?Assembly $built)
    {
    }

    /** Null: no machine or no way is picked. */
    public static function of(Design $design): ?self
    {
        $way = $design->way();
        $supply = $design->supply();

        return $way === null || $supply === null ? null : new self($design, $way, $supply, $design->assembly());
    }

    /** The label first, then the shop, then practice. */
    public function range(Acceptance $of): Range
    {
        $own = $this->design->job->work->range($of->value);

        return $own === null ? Range::usual($of) : new Range($own->low, $own->high, $own->ofShop ? 'the shop' : 'the label');
    }

    /** Where volts are measured that come from the machine. */
    public function where(): string
    {
        $form = $this->supply->machine->form;

        return match (true) {
            ! $this->way->isWired() => 'at the outlet',
            $form->isStandby() => 'at the breaker of the machine, load side open',
            $this->way->platedPanel($this->design->situation()) !== null => 'at the incoming terminals of the generator breaker, which '
                .'is off',
            default => 'at the generator\'s terminals of the transfer switch, with no circuit on the generator',
        };
    }

    /** Every circuit of what must run, each as it is called on the card. */
    public function both(): bool
    {
        return $this->supply->feedsBothLegs();
    }

    /** Null: it burns no gas from a pipe. */
    public function gas(): ?Acceptance
    {
        return match ($this->supply->machine->form->isStandby() ? $this->supply->fuel : null) {
            Fuel::NaturalGas => Acceptance::NaturalGas,
            Fuel::Propane => Acceptance::Propane,
            default => null,
        };
    }
}
