<?php

declare(strict_types=1);

namespace Underpin\Pricing\Parts;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Conduit;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Wiring\ConduitFill;

/** What is ordered for the conductors that lie together: wire or cable by the foot, a raceway in lengths, its fittings. */
final readonly class ConductorParts
{
    /** feet of a piece of rigid raceway as it is sold */
    private const PIECE_FT = 10.0;

    public function __construct(private Conductor $conductor, private Assembly $built, private WireRun $run)
    {
    }

    /** @return list<PartLine> none: it comes with a machine or a switch, or its length is not measured */
    public function lines(): array
    {
        $ft = $this->conductor->lengthFt;

        return match (true) {
            $ft === null || $ft <= 0 || $this->conductor->comesAlong => [],
            $this->conductor->kind === ConductorKind::Cord => [$this->cord($ft)],
            $this->conductor->kind === ConductorKind::Run => $this->run->method === WiringMethod::Cable ? [$this->cable($ft)] : [
                ...$this->singles($ft), ...$this->raceway($ft),
            ],
            $this->conductor->kind === ConductorKind::Control => [new PartLine(
                PartKind::Conductor, 'Start and sensing wires, as the machine\'s instructions say', ceil($ft), 'ft', [$this->place()],
            )],
            default => $this->singles($ft),
        };
    }

    /** @return list<string> */
    public function missing(): array
    {
        $isRun = $this->conductor->kind === ConductorKind::Run;
        $hasWays = $isRun && $this->run->method === WiringMethod::Conduit;
        $words = $this->place();

        return [
            // The cord and the run of the machine are asked for by name already.
            ...$this->conductor->lengthFt === null && $this->conductor->isMeasured() ? ["length of the $words"] : [],
            ...$hasWays && $this->run->laying->raceway === null ? ['the kind of raceway'] : [],
        ];
    }

    private function cord(float $ft): PartLine
    {
        return PartLine::each(
            Part::cord(count($this->conductor->wires), $this->conductor->size, $ft),
            "from {$this->built->nameOf($this->conductor->from)} to {$this->built->nameOf($this->conductor->to)}, ".ceil($ft).' ft',
        );
    }

    private function cable(float $ft): PartLine
    {
        $size = $this->conductor->size->value ?? '';

        return new PartLine(
            PartKind::Conductor, "Cable $size/".($this->conductor->hots() + 1)." {$this->conductor->material->words()} with ground",
            ceil($ft),
            'ft', [$this->place()],
        );
    }

    /** @return list<PartLine> each of its size; those whose size the equipment decides are a line too, so that none is left out */
    private function singles(float $ft): array
    {
        $unsized = count(array_filter($this->conductor->wires, fn (Wire $wire): bool => $wire->size === null));
        $lines = array_map(fn (Wire $wire): PartLine => new PartLine(
            $wire->role === WireRole::Ground || $wire->role === WireRole::Electrode ? PartKind::Ground : PartKind::Conductor,
            trim(($wire->size?->words() ?? '').' '.$wire->material->words()).", {$wire->role->colour()->value}", ceil($ft), 'ft',
            [$this->place()],
        ), array_values(array_filter($this->conductor->wires, fn (Wire $wire): bool => $wire->size !== null)));

        return [...$lines, ...$unsized === 0 ? [] : [new PartLine(
            PartKind::Conductor, ucfirst($this->conductor->kind->words()).' conductors, size as the wire table says',
            ceil($ft) * $unsized, 'ft',
            [$this->place()],
        )]];
    }

    /** @return list<PartLine> of the kind that was chosen: lengths, couplings between them, and a connector at each end */
    private function raceway(float $ft): array
    {
        $kind = $this->run->laying->raceway;
        $trade = $kind === null ? null : $this->run->laying->trade ?? ConduitFill::smallestFor($kind, $this->sizes());
        if ($kind === null) {
            return $this->anyRaceway($ft);
        }
        if ($trade === null) {
            return [];
        }
        $what = "{$kind->words()}, trade size $trade->value";
        $pieces = (int) ceil($ft / self::PIECE_FT);

        return [
            $kind->isFlexible()
                ? new PartLine(PartKind::Raceway, ucfirst($what), ceil($ft), 'ft', [$this->place()])
                : new PartLine(PartKind::Raceway, ucfirst($what), (float) $pieces, '10 ft length', [$this->place()]),
            new PartLine(PartKind::Fitting, "Connector for $what", 2.0, 'each', [$this->place()]),
            ...$kind->isFlexible() || $pieces < 2 ? [] : [
                new PartLine(PartKind::Fitting, "Coupling for $what", $pieces - 1.0, 'each', [$this->place()]),
            ],
        ];
    }

    /** @return list<PartLine> the smallest of each rigid kind, as long as none is chosen */
    private function anyRaceway(float $ft): array
    {
        $fits = [];
        foreach ([Conduit::Emt, Conduit::Pvc40] as $kind) {
            $trade = ConduitFill::smallestFor($kind, $this->sizes());
            array_push($fits, ...$trade === null ? [] : ["{$kind->words()} $trade->value"]);
        }

        return $fits === [] ? [] : [new PartLine(
            PartKind::Raceway, 'Raceway, at least '.implode(' or ', $fits), ceil($ft / self::PIECE_FT), '10 ft length', [$this->place()],
        )];
    }

    /** @return list<array{ConductorSize, int}> */
    private function sizes(): array
    {
        $sizes = [];
        foreach ($this->conductor->wires as $wire) {
            if ($wire->size !== null) {
                $sizes[$wire->size->value] = [$wire->size, ($sizes[$wire->size->value][1] ?? 0) + 1];
            }
        }

        return array_values($sizes);
    }

    private function place(): string
    {
        $from = $this->built->nameOf($this->conductor->from);

        return "{$this->conductor->kind->words()} from $from to {$this->built->nameOf($this->conductor->to)}";
    }
}
