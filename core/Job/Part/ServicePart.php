<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\Feeders;
use Underpin\Job\Job;
use Underpin\Job\Marking;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\OtherSourceRun;
use Underpin\Job\Panel;
use Underpin\Job\Service;
use Underpin\Refused;

/** The way from the utility to the panels, the panels themselves, and backup equipment that is there already. */
final class ServicePart implements JobPart
{
    public static function amps(): Field
    {
        return Field::whole('service_a', 'rating of the service, amperes')->label('Service')->in(Unit::Amperes)
            ->atLeast(Service::LEAST_A)->atMost(Service::MOST_A)->optional('not looked at');
    }

    public static function place(): Field
    {
        return Field::enum('place', 'where the service is switched off', DisconnectPlace::class)
            ->label('The service is switched off by')->optional('not looked at');
    }

    /** The way from the utility to the panels. */
    public static function service(): Form
    {
        return new Form(
            self::place(),
            Field::items('disconnects', 'ahead of the panels; none when the panel\'s own main is the disconnect', self::disconnect())
                ->label('Disconnects')->atMost(Service::MOST_DISCONNECTS),
            Field::group('other_source', 'solar or a battery of the house', self::otherSource())
                ->label('Solar or a battery')->optional('not looked'),
        );
    }

    public static function otherSource(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('kind', 'what else than the utility can feed the house', OtherSourceKind::class)->label('Solar or a battery'),
            Field::text('at', 'id of the panel that it feeds into; empty: not looked')->label('Feeds into')->atMost(Job::LONGEST_ID),
            Field::text('disconnect', 'where it is switched off, as it is marked; empty: not looked')
                ->label('Its disconnect')->atMost(100),
            Field::enum('run', 'what becomes of it while the generator runs', OtherSourceRun::class)
                ->label('While the generator runs')->optional('not decided'),
        );
    }

    public static function readOtherSource(?Values $in): ?OtherSource
    {
        return $in === null ? null : new OtherSource(
            OtherSourceKind::from($in->text('kind')), $in->text('at'), $in->text('disconnect'),
            OtherSourceRun::tryFrom($in->textOrNull('run') ?? ''),
        );
    }

    /** @return ?array<string, mixed> */
    public static function writeOtherSource(?OtherSource $source): ?array
    {
        return $source === null ? null : [
            'kind' => $source->kind->value, 'at' => $source->at, 'disconnect' => $source->disconnect, 'run' => $source->run?->value,
        ];
    }

    public static function disconnect(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::text('name', 'as it is marked')->label('Disconnect')->required()->atMost(60),
            Field::whole('amps', 'its rating, amperes')
                ->label('Rating')
                ->in(Unit::Amperes)
                ->atLeast(Disconnect::LEAST_A)
                ->atMost(Disconnect::MOST_A),
            Field::flag('bonded', 'neutral and ground are bonded in it')->label('Neutral bonded in it')->optional('not looked'),
            Field::enum('marking', 'what it is marked', Marking::class)->label('Marked')->optional('not looked'),
        );
    }

    /** One answer about backup equipment that is there already. */
    public static function answer(): Form
    {
        return new Form(
            Field::enum('question', 'the fault asked for', ExistingFault::class)->label('Question'),
            Field::flag('found', 'the fault is there')->label('Answer'),
        );
    }

    public function fields(): array
    {
        return [
            self::amps(),
            Field::group('service', 'the way from the utility to the panels', self::service())->label('Service')->optional('not looked at'),
            Field::items(
                'panels', 'the panels, the one that the generator feeds first', PanelPart::form(),
            )->label('Panels')->atMost(Job::MOST_PANELS),
            Field::items('existing', 'answers about backup equipment that is there already', self::answer())
                ->label('Backup equipment that is there already')->atMost(count(ExistingFault::cases()))->optional('nothing was looked at'),
        ];
    }

    public function read(Values $in, FaultList $faults): Service
    {
        $panels = $this->panels($in, $faults);
        $group = $in->group('service');
        $disconnects = [];
        foreach ($group?->items('disconnects') ?? [] as $i => $each) {
            $disconnects[] = $faults->attempt(
                "service.disconnects.$i", fn (): Disconnect => self::readDisconnect($each->text('id'), $each),
            );
        }
        $place = DisconnectPlace::tryFrom($group?->textOrNull('place') ?? '');
        $service = $faults->attempt('service', fn (): Service => new Service($place, array_values(array_filter($disconnects))))
            ?? new Service;
        if (! in_array(null, $panels, true)) {
            $faults->attempt('', fn () => Feeders::guard($service, $panels));
        }

        return $service->with(
            amps: $in->wholeOrNull('service_a'), panels: array_values(array_filter($panels)), existing: $this->existing($in),
            otherSource: self::readOtherSource($group?->group('other_source')),
        );
    }

    public function write(Job $job): array
    {
        $service = $job->service;

        return [
            'service_a' => $service->amps,
            'service' => [
                'place' => $service->place?->value, 'disconnects' => array_map(self::writeDisconnect(...), $service->disconnects),
                'other_source' => self::writeOtherSource($service->otherSource),
            ],
            'panels' => array_map(PanelPart::write(...), $service->panels),
            'existing' => $this->answers($service->existing),
        ];
    }

    /** @return array<string, mixed> */
    public static function writeDisconnect(Disconnect $disconnect): array
    {
        return [
            'id' => $disconnect->id, 'name' => $disconnect->name, 'amps' => $disconnect->amps, 'bonded' => $disconnect->bonded,
            'marking' => $disconnect->marking?->value,
        ];
    }

    /** @throws Refused by field */
    public static function readDisconnect(string $id, Values $in): Disconnect
    {
        return new Disconnect(
            $id, $in->text('name'), $in->whole('amps'), $in->flagOrNull('bonded'), Marking::tryFrom($in->textOrNull('marking') ?? ''),
        );
    }

    /** @return list<?Panel> */
    private function panels(Values $in, FaultList $faults): array
    {
        $panels = [];
        foreach ($in->items('panels') as $i => $each) {
            $panels[] = $panel = $faults->attempt("panels.$i", fn (): Panel => PanelPart::read($each, "panels.$i", $faults));
            foreach ($panel->circuits ?? [] as $k => $circuit) {
                $faults->unique('circuit', $circuit->id, "panels.$i.circuits.$k.id");
                foreach ($circuit->loads as $m => $load) {
                    $faults->unique('load', $load->id, "panels.$i.circuits.$k.loads.$m.id");
                }
            }
        }

        return $panels;
    }

    /** The later of two answers to one question counts. */
    private function existing(Values $in): ExistingEquipment
    {
        $existing = new ExistingEquipment;
        foreach ($in->itemsOrNone('existing') as $answer) {
            $existing = $existing->with(ExistingFault::from($answer->text('question')), $answer->flag('found'));
        }

        return $existing;
    }

    /** @return list<array{question: string, found: bool}> in the order of the questions */
    private function answers(ExistingEquipment $existing): array
    {
        $answers = [];
        foreach (ExistingFault::cases() as $fault) {
            $found = $existing->answer($fault);
            if ($found !== null) {
                $answers[] = ['question' => $fault->value, 'found' => $found];
            }
        }

        return $answers;
    }
}
