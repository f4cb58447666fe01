<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Sign;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Install\OpenedBox;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** Signs, labels and directories. */
final class Signs extends Section
{
    protected function title(): string
    {
        return 'Signs and labels';
    }

    public function steps(WorkSite $site): array
    {
        $panels = array_filter($site->opened(), fn (OpenedBox $b): bool => $b->panel !== null);

        return [
            ...array_map(fn (Sign $sign): ChecklistStep => $this->step(
                "sign:$sign->id", StepKind::Label, "$sign->place: \"$sign->heading\" printed with its lines filled in, and fastened.",
                'It lasts where it hangs, and nobody writes it by hand.', $sign->says()[0]->source,
            ), $site->built->signs()),
            ...array_map(fn (OpenedBox $box): ChecklistStep => $this->step(
                "directory:$box->id", StepKind::Label, "$box->name: its directory says what each breaker feeds today, the generator "
                    .'breaker and moved '
                    .'circuits among it.',
                'Whoever comes next switches by it.', Source::nec('408.4(A)'),
            ), array_values($panels)),
        ];
    }
}
