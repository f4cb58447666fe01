<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Connection\Possible;
use Underpin\Connection\Reason;
use Underpin\Stage;

/** What stops the way of connecting that was picked, or leaves it open. */
final class ConnectionStops implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->connection->reasons ?? [] as $reason) {
            if ($reason->makes !== Possible::Yes) {
                yield self::finding($reason, $facts->connection?->kind->words() ?? '');
            }
        }
    }

    private static function finding(Reason $reason, string $way): Finding
    {
        return $reason->makes === Possible::No
            ? new Finding('CONNECTION_NOT_POSSIBLE', Severity::Wrong, Stage::Connect, $reason->text, "The $way that was picked cannot be done like this.", 'Pick another way, or change what stands against it.', $reason->source)
            : new Finding('CONNECTION_OPEN', Severity::Advice, Stage::Connect, $reason->text, "Until then nobody can say whether the $way works here.", 'Find it out on site and write it in the survey.', $reason->source);
    }
}
