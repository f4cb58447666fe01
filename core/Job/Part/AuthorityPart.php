<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Job\Authority;
use Underpin\Job\Job;
use Underpin\Job\LocalRules;

/** What the local authority says, and the profile that this was taken from. */
final class AuthorityPart implements JobPart
{
    public function fields(): array
    {
        return [
            Field::group('local_rules', 'what the local authority says', LocalRulesPart::form())
                ->label('Local rules')->optional('the code without amendments'),
            Field::text(
                'rules_profile', 'key of the profile that the local rules were taken from',
            )->label('Profile of local rules')->atMost(40),
        ];
    }

    public function read(Values $in, FaultList $faults): Authority
    {
        $rules = $faults->attempt('local_rules', fn (): LocalRules => LocalRulesPart::read($in->group('local_rules')));

        return new Authority($rules ?? new LocalRules, $in->text('rules_profile'));
    }

    public function write(Job $job): array
    {
        return ['local_rules' => LocalRulesPart::write($job->authority->rules), 'rules_profile' => $job->authority->profile];
    }
}
