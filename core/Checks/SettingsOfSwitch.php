<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\TransferSetting;
use Underpin\Codebook\TransferSettings;
use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;

/** What an automatic switch is set to, against what is usual and against itself. */
final class SettingsOfSwitch implements Check
{
    public function findings(Design $design): iterable
    {
        $set = $design->job->connection->settings;
        if ($set === [] || $design->way()?->transfersByItself() !== true) {
            return;
        }
        $lost = $set[TransferSettings::LOST] ?? null;
        $back = $set[TransferSettings::BACK] ?? null;
        if ($lost !== null && $back !== null && Limit::within($back, $lost)) {
            yield new Finding(
                Code::SettingsCrossed,
                sprintf('The utility counts as lost below %s %% and as back above %s %%.', Say::figure($lost), Say::figure($back)),
                'Between the two it is lost and back at once: the switch goes to and fro.',
                'Set the second higher than the first, as the manual of the switch says.',
            );
        }
        $odd = array_filter(
            TransferSettings::all(), fn (TransferSetting $each): bool => isset($set[$each->key]) && ! $each->isUsual($set[$each->key]),
        );
        if ($odd !== []) {
            yield new Finding(
                Code::SettingsUnusual,
                'Set otherwise than usual: '.Say::list(array_values(array_map(
                    fn (TransferSetting $each): string => lcfirst($each->title).' '.Say::figure($set[$each->key])
                        ." $each->unit (usual: $each->words)", $odd,
                )), 7).'.',
                implode(' ', array_map(fn (TransferSetting $each): string => $each->for, $odd)),
                'Look it up in the manual of the switch, and set it so, or say why it stays.',
            );
        }
    }
}
