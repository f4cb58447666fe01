<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\WireRole;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Connection\TransferKind;
use Underpin\Connection\TransferPoint;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;
use Underpin\Job\Circuit;
use Underpin\Job\Protection;
use Underpin\Service\Multiwire;

/** Circuits that go to a switch of their own: where their neutrals go, and what protects them on the generator. */
final class Neutrals extends Section
{
    protected function title(): string
    {
        return 'Neutrals and protection of the moved circuits';
    }

    public function steps(WorkSite $site): array
    {
        $circuits = $this->moved($site);
        if ($circuits === []) {
            return [];
        }
        $branches = array_filter($site->built->conductors(ConductorKind::Branch), fn (Conductor $c): bool => $c->wires !== []);
        $along = array_filter($branches, fn (Conductor $c): bool => $c->wire(WireRole::Neutral) !== null) !== [];

        return [
            $this->step('neutrals', StepKind::Record, $along || $branches === []
                ? 'The neutral of each moved circuit went with its hot, to the neutral bar of the switch or the transfer panel, and '
                    .'left the '
                    .'bar that it came from.'
                : 'The neutrals of the moved circuits stay on the bar of their panel, as the listing of the switch allows; none was moved.',
                'A neutral in one box and its hot in another carries its current back over whatever joins the two, and trips AFCI and '
                    .'GFCI.',
                Source::nec('200.4, 300.3(B), 110.3(B)')),
            ...array_values(array_filter(array_map(fn (Circuit $c): ?ChecklistStep => $this->protection($c, $branches !== []), $circuits))),
            ...$this->multiwire($site, $circuits),
        ];
    }

    /** @return list<Circuit> */
    private function moved(WorkSite $site): array
    {
        return array_merge([], ...array_map(
            fn (TransferPoint $p): array => $p->kind === TransferKind::Circuits ? $p->circuits : [],
            $site->way->transfers($site->design->situation()),
        ));
    }

    private function protection(Circuit $circuit, bool $keepsBreaker): ?ChecklistStep
    {
        return $circuit->protection === Protection::None ? null : $this->step(
            "protection:$circuit->id", StepKind::Record, "{$circuit->title()}: its {$circuit->protection->words()} is kept on the "
                .'generator too: '
                .($keepsBreaker ? 'in the switch, or at its first outlet.' : 'its breaker in the transfer panel has it.'),
            $keepsBreaker ? 'The breaker in the panel is out of the circuit while the switch is on the generator.'
                : 'The old breaker stays behind.',
            Source::nec('210.8, 210.12'),
        );
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<ChecklistStep>
     */
    private function multiwire(WorkSite $site, array $circuits): array
    {
        $multiwire = new Multiwire($site->job()->service->panels);
        $steps = $seen = [];
        foreach ($circuits as $circuit) {
            $partner = $multiwire->partnerOf($circuit);
            if ($partner !== null && ! isset($seen[$circuit->id])) {
                $seen[$partner->id] = true;
                $steps[] = $this->step(
                    "multiwire:$circuit->id", StepKind::Record, "{$circuit->title()} and {$partner->title()} share a neutral: both "
                        .'halves went over, on '
                        .'opposite legs, switched together.',
                    'On one leg the shared neutral carries the sum and burns.', Source::nec('210.4, 300.13(B)'),
                );
            }
        }

        return $steps;
    }
}
