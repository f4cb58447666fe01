<?php

declare(strict_types=1);

namespace App\Intervals;

use Closure;
use Underpin\Measure\Interval\EspiFeed;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;
use XMLReader;

/**
 * ESPI XML, read node by node. A document type is refused, so that no entity is ever declared,
 * fetched or expanded.
 */
final class EspiFile
{
    private const TELL_EVERY = 5000;

    /** A feed says something of its own between readings, but not this much. */
    private const MOST_WITHOUT_READING = 200_000;

    /**
     * @param  ?Closure(int, ?float): void  $progress
     *
     * @throws Refused on "file"
     */
    public static function read(
        string $path, Zone $zone, ?Closure $progress = null, ServiceLimit $limit = new ServiceLimit,
    ): LoadYear {
        $quiet = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $xml = new XMLReader;
        try {
            if (! $xml->open($path, null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw new Refused('file', 'The file cannot be read as XML.');
            }
            $feed = new EspiFeed;
            self::walk($xml, $feed, $progress);
            $fault = libxml_get_last_error();
            if ($fault !== false && $fault->level >= LIBXML_ERR_ERROR) {
                throw new Refused(
                    'file',
                    'Line '.number_format($fault->line).': the file breaks off or is damaged there ('
                        .trim(mb_substr(mb_scrub($fault->message), 0, 80)).'). Nothing was kept.',
                );
            }

            return $feed->finish($zone, $limit);
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($quiet);
        }
    }

    /** @param  ?Closure(int, ?float): void  $progress */
    private static function walk(XMLReader $xml, EspiFeed $feed, ?Closure $progress): void
    {
        $field = '';
        $idle = 0;
        $texts = [];
        $links = ['self' => [], 'related' => [], 'up' => []];
        while (@$xml->read()) {
            $type = $xml->nodeType;
            if ($type === XMLReader::TEXT) {
                if ($field !== '') {
                    $texts[$field] = $xml->value;
                    $field = '';
                }
            } elseif ($type === XMLReader::ELEMENT) {
                $field = $xml->localName;
                if (++$idle > self::MOST_WITHOUT_READING) {
                    throw new Refused(
                        'file',
                        sprintf(
                            'The file has more than %s elements without a reading among them. Nothing was kept.',
                            number_format(self::MOST_WITHOUT_READING),
                        ),
                    );
                }
                switch ($field) {
                    case 'link':
                        $links[$xml->getAttribute('rel') ?? ''][] = $xml->getAttribute('href') ?? '';
                        break;
                    case 'entry':
                        $links = ['self' => [], 'related' => [], 'up' => []];
                        break;
                    case 'IntervalBlock':
                        $feed->block(self::meterReadingOf($links));
                        break;
                    case 'MeterReading':
                        $feed->meterReading($links['self'][0] ?? '', $links['related']);
                        break;
                    case 'IntervalReading':
                    case 'ReadingType':
                    case 'LocalTimeParameters':
                        $texts = [];
                        break;
                }
            } elseif ($type === XMLReader::END_ELEMENT) {
                $field = '';
                switch ($xml->localName) {
                    case 'IntervalReading':
                        $idle = 0;
                        self::reading($xml, $feed, $texts);
                        if ($progress !== null && $feed->readings() % self::TELL_EVERY === 0) {
                            $progress($feed->readings(), null);
                        }
                        break;
                    case 'ReadingType':
                        $feed->type(
                            $links['self'][0] ?? '', self::whole($texts, 'powerOfTenMultiplier', 12), self::whole($texts, 'uom', 1000),
                            self::whole($texts, 'flowDirection', 1000),
                        );
                        break;
                    case 'LocalTimeParameters':
                        $feed->localTime(self::whole($texts, 'tzOffset', 86_400));
                        break;
                }
            } elseif ($type === XMLReader::DOC_TYPE) {
                throw new Refused('file', 'The file declares a document type (DOCTYPE); interval data has none. Nothing was kept.');
            }
        }
    }

    /** @param  array<string, string>  $texts */
    private static function reading(XMLReader $xml, EspiFeed $feed, array $texts): void
    {
        $start = $texts['start'] ?? '';
        $duration = $texts['duration'] ?? '';
        $value = $texts['value'] ?? '';
        try {
            if (! is_numeric($start) || ! is_numeric($duration) || ! is_numeric($value) || abs((float) $value) > 1e15) {
                throw new Refused('file', 'a reading without a start, a duration or a value that can be read');
            }
            $feed->reading((int) $start, (int) $duration, (float) $value);
        } catch (Refused $refused) {
            $node = $xml->expand();
            throw new Refused(
                'file',
                ($node === false ? '' : 'Line '.number_format($node->getLineNo()).': ').$refused->getMessage().'. Nothing was kept.',
            );
        }
    }

    /** @param  array<string, list<string>>  $links */
    private static function meterReadingOf(array $links): string
    {
        foreach ([...$links['up'], ...$links['self']] as $address) {
            if (preg_match('#^(.*/MeterReading/[^/]+)/IntervalBlock#', $address, $found) === 1) {
                return $found[1];
            }
        }

        return '';
    }

    /**
     * @param  array<string, string>  $texts
     *
     * @throws Refused on "file" when it is absurd
     */
    private static function whole(array $texts, string $name, int $most): int
    {
        $text = $texts[$name] ?? '0';
        if (preg_match('/^\s*-?\d{1,9}\s*$/', $text) !== 1 || abs((int) $text) > $most) {
            throw new Refused('file', "$name must be a whole number from -$most to $most. Nothing was kept.");
        }

        return (int) $text;
    }
}
