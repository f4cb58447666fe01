<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Growth;
use Underpin\Job\GrowthLoad;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;

/** What may be added later. */
final class GrowthPart implements JobPart
{
    public static function load(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::text('name', 'what may come')->label('What may come')->required()->atMost(100),
            Field::enum('kind', 'what sort of thing', LoadKind::class)->label('Kind')->default(LoadKind::Other->value),
            Field::numberChoice('volts', 'volts across it', [120 => '120 V', 240 => '240 V'])->label('Volts')->default(240),
            Field::number('run_w', 'watts while running')->label('Runs')->in(Unit::Watts)->over(0)->atMost(Load::MOST_W),
            Field::number('start_w', 'watts at the moment of starting')->label('Starts')->in(Unit::Watts)->atMost(Load::MOST_W)
                ->optional('as running'),
        );
    }

    public function fields(): array
    {
        return [
            Field::items('growth', 'what may be added later', self::load())->label('Growth')->atMost(Growth::MOST)->optional('nothing'),
        ];
    }

    public function read(Values $in, FaultList $faults): Growth
    {
        $loads = [];
        foreach ($in->itemsOrNone('growth') as $i => $load) {
            $loads[] = $faults->attempt("growth.$i", fn (): GrowthLoad => self::one($load));
        }

        return new Growth(array_values(array_filter($loads)));
    }

    public static function one(Values $in): GrowthLoad
    {
        return new GrowthLoad(
            $in->text('id'), $in->text('name'), LoadKind::from($in->text('kind')), $in->whole('volts'), $in->number('run_w'),
            $in->numberOrNull('start_w'),
        );
    }

    public function write(Job $job): array
    {
        return ['growth' => array_map(self::writeOne(...), $job->growth->loads)];
    }

    /** @return array<string, mixed> */
    public static function writeOne(GrowthLoad $load): array
    {
        return [
            'id' => $load->id, 'name' => $load->name, 'kind' => $load->kind->value, 'volts' => $load->volts, 'run_w' => $load->runW,
            'start_w' => $load->startW,
        ];
    }
}
