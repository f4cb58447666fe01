<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Design\Design;
use Underpin\Drawing\Drawings;

/** Drawings that go with a paper, each on a sheet of its own. */
final class PaperDrawings
{
    /** @return list<Block> of those that the job fills */
    public static function of(Design $design, string ...$keys): array
    {
        $blocks = [];
        foreach ($keys as $key) {
            foreach (Drawings::standard()->find($key)?->sheets($design) ?? [] as $drawing) {
                $blocks[] = Block::drawing($drawing);
            }
        }

        return $blocks;
    }
}
