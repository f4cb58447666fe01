<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use Underpin\Drawing\Board\MovedBoards;
use Underpin\Drawing\Board\PanelsAfter;
use Underpin\Drawing\Board\PanelsBefore;
use Underpin\Drawing\Directory\DoorDirectories;
use Underpin\Drawing\Faces\PlugFaceSheets;
use Underpin\Drawing\HookUp\HookUps;
use Underpin\Drawing\Labels\DoorLabels;
use Underpin\Drawing\Labels\LabelSheets;
use Underpin\Drawing\Labels\MarkSheets;
use Underpin\Drawing\OneLine\OneLines;
use Underpin\Drawing\Service\ServiceDrawings;
use Underpin\Drawing\Site\SitePlans;

/** Every drawing that can be taken along: the registry that pages and files follow. */
final readonly class Drawings
{
    /** @param  list<DesignDrawing>  $drawings */
    public function __construct(private array $drawings)
    {
    }

    public static function standard(): self
    {
        return new self(
            [
                new OneLines, new HookUps, new PlugFaceSheets, new LabelSheets, new PanelsBefore, new PanelsAfter, new MovedBoards,
                new DoorDirectories,
                new ServiceDrawings, new SitePlans, new MarkSheets, new DoorLabels,
            ],
        );
    }

    public function with(DesignDrawing $drawing): self
    {
        return new self([...$this->drawings, $drawing]);
    }

    /** @return list<DesignDrawing> */
    public function all(): array
    {
        return $this->drawings;
    }

    /** Null where no drawing has this key. */
    public function find(string $key): ?DesignDrawing
    {
        foreach ($this->drawings as $drawing) {
            if ($drawing->key() === $key) {
                return $drawing;
            }
        }

        return null;
    }
}
