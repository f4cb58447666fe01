<?php

declare(strict_types=1);

namespace Underpin\Drawing\Faces;

use Underpin\Assembly\ComponentKind;
use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Job\Outlet;

/** The faces of every plug and receptacle of a design. */
final class PlugFaceSheets implements DesignDrawing
{
    public function key(): string
    {
        return 'plug-faces';
    }

    public function title(): string
    {
        return 'Faces of plugs and receptacles';
    }

    public function sheets(Design $design): array
    {
        $built = $design->assembly();
        $names = [];
        foreach ([ComponentKind::Outlet, ComponentKind::Inlet, ComponentKind::Switch] as $kind) {
            $names[] = $built?->component($kind)->designation ?? '';
        }
        $outlets = array_filter(
            Outlet::plugged(), fn (Outlet $o): bool => in_array($o->value, $names, true) || in_array($o->plug(), $names, true),
        );

        return array_values(array_map(fn (Outlet $o): Drawing => (new PlugFaces($o))->drawing(), $outlets));
    }
}
