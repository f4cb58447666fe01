<?php

declare(strict_types=1);

namespace App\Documents;

use Sabre\VObject\Component\VCalendar;
use Underpin\Keep\JobDate;

/** Dates as an iCalendar file, whole days, each with an id that stays the same so that a calendar knows it again. */
final class CalendarFile
{
    private const MAKER = '-//Underpin//Job dates//EN';

    /**
     * @param  list<JobDate>  $dates
     * @param  string  $of  what tells this job from others
     * @param  string  $today  YYYY-MM-DD
     */
    public static function of(array $dates, string $name, string $of, string $today): string
    {
        return self::ofJobs([[$dates, $name, $of]], $today);
    }

    /**
     * @param  list<array{list<JobDate>, string, string}>  $jobs  dates, name and what tells it from others, of each
     * @param  string  $today  YYYY-MM-DD
     */
    public static function ofJobs(array $jobs, string $today): string
    {
        // The package is older than this PHP: what it says of itself is not for the log.
        $level = error_reporting(E_ALL & ~E_DEPRECATED);
        try {
            $calendar = new VCalendar(['PRODID' => self::MAKER]);
            foreach ($jobs as [$dates, $name, $of]) {
                foreach ($dates as $date) {
                    self::add($calendar, $date, $name, $of, $today);
                }
            }

            return $calendar->serialize();
        } finally {
            error_reporting($level);
        }
    }

    private static function add(VCalendar $calendar, JobDate $date, string $name, string $of, string $today): void
    {
        $plain = fn (string $day): string => str_replace('-', '', $day);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$date->key-".substr(hash('sha256', $of), 0, 24).'@underpin', 'DTSTAMP' => "{$plain($today)}T000000Z",
            'SUMMARY' => "$date->title ($name)", 'DESCRIPTION' => "$name. $date->why",
        ]);
        $event->add('DTSTART', $plain($date->on), ['VALUE' => 'DATE']);
        if ($date->everyMonths !== null) {
            $event->add('RRULE', "FREQ=MONTHLY;INTERVAL=$date->everyMonths");
        }
        $calendar->add($event);
    }
}
