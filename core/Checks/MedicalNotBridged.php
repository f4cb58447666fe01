<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Bridging;
use Underpin\Design\Design;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Role;

/** What keeps somebody alive must last by itself until the generator feeds it. */
final class MedicalNotBridged implements Check
{
    public function findings(Design $design): iterable
    {
        $need = $design->way()?->transfersByItself() === true ? Bridging::BY_ITSELF_MIN : Bridging::BY_HAND_MIN;
        foreach ($design->job->circuits() as $circuit) {
            foreach ($circuit->role === Role::Must ? $circuit->loads : [] as $load) {
                if ($load->kind === LoadKind::Medical && ($load->bridgeMin === null || $load->bridgeMin < $need)) {
                    yield new Finding(
                        Code::MedicalNotBridged, "{$circuit->title()}: {$this->said($load, $need)}",
                        'Until the generator runs, and whenever it stops, it stands still.',
                        'Ask who depends on it and for how long it can stand still. A battery or a cylinder beside it, for at least '
                            .number_format($need).' min, and the number of its supplier where everybody sees it. The doctor or the '
                            .'supplier says what else is needed.',
                        $circuit->id,
                    );
                }
            }
        }
    }

    private function said(Load $load, float $need): string
    {
        return match (true) {
            $load->bridgeMin === null => "what bridges $load->name until the generator runs is not known.",
            $load->bridgeMin > 0 => sprintf(
                '%s is bridged for %s min; the generator may need %s.', $load->name, number_format($load->bridgeMin), number_format($need),
            ),
            default => "nothing bridges $load->name until the generator runs.",
        };
    }
}
