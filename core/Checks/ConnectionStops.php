<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Connection\Possible;
use Underpin\Connection\Reason;
use Underpin\Design\Design;

/** What stops the way of connecting that was picked, or leaves it open. */
final class ConnectionStops implements Check
{
    public function findings(Design $design): iterable
    {
        $verdict = $design->connection();
        foreach ($verdict->reasons ?? [] as $reason) {
            if ($reason->possible !== Possible::Yes) {
                yield self::finding($reason, $verdict?->way->words() ?? '');
            }
        }
    }

    private static function finding(Reason $reason, string $way): Finding
    {
        return $reason->possible === Possible::No
            ? new Finding(
                Code::ConnectionNotPossible, $reason->text, "The $way that was picked cannot be done like this.",
                'Pick another way, or change what stands against it.', source: $reason->source,
            )
            : new Finding(
                Code::ConnectionOpen, $reason->text, "Until then nobody can say whether the $way works here.",
                'Find it out on site and write it in the survey, or choose it where the way was picked.', source: $reason->source,
            );
    }
}
