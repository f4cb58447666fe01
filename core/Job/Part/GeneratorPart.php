<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Refused;

/** The machine that was picked, what it burns here, and how much of it is kept free. */
final class GeneratorPart implements JobPart
{
    public static function margin(): Field
    {
        return Field::number('margin_pct', 'share of the running limit to keep free, per cent')->label('Keep free')
            ->in(Unit::PerCent)->atMost(Generator::MOST_MARGIN_PCT)->default(Generator::USUAL_MARGIN_PCT);
    }

    public static function fuel(): Field
    {
        return Field::enum('fuel', 'what the generator burns here', Fuel::class)->label('Fuel')->optional('none picked');
    }

    public function fields(): array
    {
        return [
            self::margin(),
            Field::group('machine', 'the generator picked', MachinePart::form())->label('Generator')->optional('none picked'),
            self::fuel(),
        ];
    }

    public function read(Values $in, FaultList $faults): Generator
    {
        $given = $in->group('machine');
        $fuel = Fuel::tryFrom($in->textOrNull('fuel') ?? '');
        $machine = $given === null ? null : $faults->attempt('machine', fn (): Machine => MachinePart::read($given));
        if ($given !== null && $fuel === null) {
            $faults->add(new Refused('fuel', 'Fuel is missing: a machine is picked, and what it burns here must be said.'));
        }

        return $machine === null || $fuel === null
            ? new Generator(marginPct: $in->number('margin_pct'))
            : new Generator($machine, $fuel, $in->number('margin_pct'));
    }

    public function write(Job $job): array
    {
        return [
            'margin_pct' => $job->generator->marginPct,
            'machine' => $job->generator->machine === null ? null : MachinePart::write($job->generator->machine),
            'fuel' => $job->generator->fuel?->value,
        ];
    }
}
