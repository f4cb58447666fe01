<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Range;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\DeadVolts;
use Underpin\Codebook\Source;
use Underpin\Connection\MeterWork;
use Underpin\Form\Unit;
use Underpin\Install\OpenedBox;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** Every box that is opened is proven dead: the tester tried, every pair measured, the tester tried again. NFPA 70E 120.5. */
final class ProveDead extends Section
{
    /** key => between what */
    private const PAIRS = [
        'a-b' => 'leg A to leg B', 'a-n' => 'leg A to neutral', 'b-n' => 'leg B to neutral', 'a-g' => 'leg A to ground',
        'b-g' => 'leg B to ground', 'n-g' => 'neutral to ground',
    ];

    protected function title(): string
    {
        return 'Prove dead';
    }

    public function steps(WorkSite $site): array
    {
        $steps = [];
        foreach ($site->opened() as $box) {
            array_push($steps, ...$box->isUtilitys ? [] : $this->box($site, $box));
        }

        return $steps;
    }

    /** @return list<ChecklistStep> */
    private function box(WorkSite $site, OpenedBox $box): array
    {
        $group = "Prove dead: $box->name";
        $source = new Source('NFPA 70E', '120.5');
        $isMainOnly = $box->panel?->mainAmps !== null && $site->meter() !== MeterWork::Pulled
            && ($site->design->distribution()->node($box->panel->id)->depth ?? 1) === 1;
        $where = match (true) {
            $box->panel === null => 'at its load lugs',
            $isMainOnly => 'on the bus, behind the main',
            default => 'at its lugs, ahead of everything',
        };
        $tester = fn (string $key, string $text): ChecklistStep => $this->holding(
            "dead:$box->id.$key", StepKind::ProveDead, $text, 'A tester that is broken shows a dead conductor everywhere.', $source,
            Reading::within(
                Unit::Volts, new Range(DeadVolts::LIVE_FROM_V, DeadVolts::LIVE_TO_V, 'practice'),
                'The tester does not show a source that is live: nothing that it says counts.',
                ['its leads and its battery', 'the range that is set', 'the source: is it live at all',
                    'another tester, then all pairs anew'],
            ), group: $group,
        );

        return [
            $tester('before', 'Try the tester on a source that is known to be live, at the voltage of this house, outside the lock.'),
            ...array_map(fn (string $key, string $between): ChecklistStep => $this->holding(
                "dead:$box->id.$key", StepKind::ProveDead, ucfirst($between)." $where of $box->name.",
                'Each pair shows another way in; neutral to ground shows a neutral that somebody else still feeds.', $source, $this->dead(),
                caution: 'It counts as live until all pairs are measured and the tester is tried again.', group: $group,
            ), array_keys(self::PAIRS), array_values(self::PAIRS)),
            $tester('after', 'Try the tester again on the same live source.'),
        ];
    }

    private function dead(): Reading
    {
        return Reading::within(
            Unit::Volts, new Range(null, DeadVolts::MOST_V, 'practice'),
            'Something still feeds it. Hands out, cover on, nobody goes near before it is found.',
            [
                'the tester\'s low-impedance setting: a voltage that is only induced falls away on it',
                'what is locked open: is it the right one, are all its poles open',
                'solar, a battery, a generator, a battery-backed supply of a '
                .'computer',
                'a circuit of another panel that ends here, or shares a neutral with one',
            ],
        );
    }
}
