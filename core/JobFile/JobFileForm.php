<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use Underpin\Connection\ConnectionKind;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\JobFile\Section\CustomerSection;
use Underpin\JobFile\Section\ExistingSection;
use Underpin\JobFile\Section\LocalRulesSection;
use Underpin\JobFile\Section\MachineSection;
use Underpin\JobFile\Section\PanelSection;
use Underpin\JobFile\Section\RecordedSection;
use Underpin\JobFile\Section\ServiceSection;
use Underpin\JobFile\Section\SiteSection;
use Underpin\JobFile\Section\WireSection;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\School;
use Underpin\Outage\StartSchool;
use Underpin\Service\ExistingFault;
use Underpin\Sizing\Fuel;

/** The fields of a job file in JSON. The published schema is written from this form. */
final class JobFileForm
{
    public const FORMAT = 'underpin-job';

    public const VERSION = 1;

    public const MOST_PANELS = 20;

    public const LONGEST_ID = 60;

    public static function form(): Form
    {
        return new Form(
            Field::choice('format', 'names this format', [self::FORMAT]),
            Field::numberChoice('version', 'of this format', [self::VERSION]),
            Field::text('name', 'the job, as on its card')->required()->atMost(100),
            Field::group('customer', 'for whom and where', CustomerSection::form())->optional('empty'),
            Field::group('local_rules', 'what the local authority says', LocalRulesSection::form())->optional('the code without amendments'),
            Field::text('rules_profile', 'key of the profile that the local rules were taken from')->atMost(40),
            Field::whole('service_a', 'rating of the service, amperes')->atLeast(JobFile::LEAST_SERVICE_A)->atMost(JobFile::MOST_SERVICE_A)->optional('not looked at'),
            Field::group('service', 'the way from the utility to the panels', ServiceSection::form())->optional('not looked at'),
            Field::number('margin_pct', 'share of the running limit to keep free, per cent')->atMost(JobFile::MOST_MARGIN_PCT)->default(20),
            Field::items('panels', 'the panels, the one that the generator feeds first', PanelSection::form())->atMost(self::MOST_PANELS),
            Field::group('machine', 'the generator picked', MachineSection::form())->optional('none picked'),
            Field::enum('fuel', 'what the generator burns here', Fuel::class)->optional('none picked'),
            Field::enum('connection', 'the way of connecting picked', ConnectionKind::class)->optional('none picked'),
            Field::group('wire', 'the way from the machine to the panel', WireSection::form())->optional('not measured'),
            Field::enum('start_school', 'which comes first at the start', StartSchool::class)->default(StartSchool::WarmFirst->value),
            Field::text('notes', 'free notes')->atMost(5000),
            Field::items('existing', 'answers about backup equipment that is there already', ExistingSection::form())->atMost(count(ExistingFault::cases()))->optional('nothing was looked at'),
            Field::group('site', 'fuel, ground and climate', SiteSection::form())->optional('not known'),
            Field::group('demand', 'inputs of the code\'s load calculation, as the calculator "demand" takes them', DemandInputs::form())->optional('not begun'),
            Field::enum('figures', 'which of the three ways of knowing the loads sizing uses', School::class)->default(School::List->value),
            Field::text('figures_reason', 'why that one')->atMost(500),
            Field::group('recorded', 'peak of the utility\'s interval data', RecordedSection::form())->optional('not brought in'),
        );
    }
}
