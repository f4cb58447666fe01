<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Photos\Picture;
use Closure;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Underpin\Csv\CsvText;
use Underpin\Exchange\JobFile;

/** How much may be sent to each route: forms are small, and only where files are brought in may more come. */
final class BodyLimit
{
    public const FORM_BYTES = 1_000_000;

    /** What the servers let through at all; a year of a utility's readings has as much. */
    private const MOST_BYTES = 130_000_000;

    private const FILES = [
        'jobs.import' => 4 * JobFile::MOST_BYTES, // what is too large is said at its field
        'jobs.schedule.read' => 3 * CsvText::MOST_BYTES, // as text of a form every byte may take three
        'jobs.schedule.take' => 3 * CsvText::MOST_BYTES,
        'shop.sheet.import' => 2 * CsvText::MOST_BYTES,
        'jobs.log.import' => 2 * CsvText::MOST_BYTES,
        'jobs.photos.store' => 5 * Picture::MOST_BYTES, // without scripts several come at once
        'jobs.intervals.store' => self::MOST_BYTES,
        'jobs.recordings.import' => self::MOST_BYTES,
        'jobs.recordings.readings' => 4 * self::FORM_BYTES,
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $limit = self::FILES[(string) $request->route()?->getName()] ?? self::FORM_BYTES;
        if ((int) $request->server('CONTENT_LENGTH', '0') > $limit) {
            throw new PostTooLargeException(sprintf(
                'More was sent than this page takes, which is %s MB. Nothing of it was saved; what was saved before is still there.',
                rtrim(rtrim(number_format($limit / 1e6, 1), '0'), '.'),
            ));
        }

        /** @var Response */
        return $next($request);
    }
}
