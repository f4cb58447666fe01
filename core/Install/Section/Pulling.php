<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;
use Underpin\Job\WiringMethod;
use Underpin\Say;

/** Bore, trench, raceway, and the conductors in it. */
final class Pulling extends Section
{
    protected function title(): string
    {
        return 'Bore and pull';
    }

    public function steps(WorkSite $site): array
    {
        return array_merge([], ...array_map(fn (Conductor $c): array => $this->pull($site, $c), $site->laid()));
    }

    /** @return list<ChecklistStep> */
    private function pull(WorkSite $site, Conductor $conductor): array
    {
        $from = $site->built->nameOf($conductor->from);
        $to = $site->built->nameOf($conductor->to);
        $ft = $conductor->lengthFt === null ? '' : ', '.Say::figure(ceil($conductor->lengthFt)).' ft';
        $what = ucfirst($conductor->kind->words())." from $from to $to$ft";
        $isRun = $conductor->kind === ConductorKind::Run;

        return [
            ...$isRun ? $this->bore($site) : [], ...$isRun ? $this->trench($site) : [],
            $this->step("pull:$conductor->id", StepKind::Pull, $conductor->comesAlong
                ? "$what: led in its own raceway as the switch brings it."
                : "$what: ".self::wires($conductor).' pulled, both ends long enough to be dressed, each marked at both ends.',
                ...$conductor->kind === ConductorKind::Control
                    ? ['Apart from the power conductors, unless every one is insulated for it.', Source::nec('300.3(C), 725.136')]
                    : ['All conductors of a circuit lie together, neutral and ground with them.', Source::nec('300.3(B), 300.14')],
            ),
        ];
    }

    /** @return list<ChecklistStep> */
    private function bore(WorkSite $site): array
    {
        $why = 'Look first for pipes, cables and what hangs on the other side.';

        return [$site->job()->wire->method === WiringMethod::Cable ? $this->step(
            'bore', StepKind::Pull, 'Bore for the cable: 1¼ in from the edge of the framing or a nail plate, stapled within 12 in of every '
                .'box and every 4½ ft; the wall sealed.', $why, Source::nec('300.4, 334.30'),
        ) : $this->step(
            'bore', StepKind::Pull, 'Bore and set the raceway: strapped, ends reamed, bushings on, no more than 360° between pull points; '
                .'the wall sealed.', $why, Source::nec('300.4, 300.11, 352.26, 358.26'),
        )];
    }

    /** @return list<ChecklistStep> */
    private function trench(WorkSite $site): array
    {
        $laying = $site->job()->wire->laying;
        $cover = $laying->coverIn === null ? 'the cover measured and noted' : 'with '.Say::figure($laying->coverIn).' in of cover';

        return $laying->isBuried() ? [$this->step(
            'trench', StepKind::Pull, "Lines of other services marked before the first cut; trench dug, $cover, a photo before it is "
                .'closed.',
            'Nobody sees it afterwards.', Source::nec('300.5, Table 300.5(A)'),
        )] : [];
    }

    private static function wires(Conductor $conductor): string
    {
        $alike = [];
        foreach ($conductor->wires as $wire) {
            $alike[$wire->size === null ? 'as the instructions say' : "{$wire->size->words()} "
                ."{$wire->material->words()}"][] = $wire->role->words();
        }

        return implode('; ', array_map(
            fn (string $size, array $roles): string => Say::list(array_values(array_unique($roles)), 6).", $size", array_keys($alike),
            array_values($alike),
        ));
    }
}
