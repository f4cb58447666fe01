<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Measure\Interval\Zone;

/** Files of quarter-hour values as a utility writes them, made up. */
final class IntervalFiles
{
    private const FIRST = 1_735_707_600; // 1 January 2025, midnight Eastern

    public static function csv(string $path, int $years): void
    {
        $file = fopen($path, 'wb') ?: throw new \RuntimeException("$path cannot be written.");
        fwrite($file, "Account,Meter,Start,End,Usage (kWh),Quality\r\n");
        for ($i = 0, $most = self::count($years); $i < $most; $i++) {
            $start = self::FIRST + 900 * $i;
            fwrite($file, sprintf("4401-77,M-220,%s,%s,%.3f,measured\r\n", self::local($start), self::local($start + 900), self::kwh($i)));
        }
        fclose($file);
    }

    public static function espi(string $path, int $years): void
    {
        $file = fopen($path, 'wb') ?: throw new \RuntimeException("$path cannot be written.");
        $link = fn (string $rel, string $to): string => "    <link rel=\"$rel\" href=\"/espi/UsagePoint/1/$to\"/>\n";
        fwrite($file, "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<feed xmlns=\"http://www.w3.org/2005/Atom\">\n");
        fwrite(
            $file,
            "  <entry>\n{$link('self', 'MeterReading/1')}{$link('related', 'ReadingType/1')}    <content><MeterReading "
                ."xmlns=\"http://naesb.org/espi\"/></content>\n  </entry>\n",
        );
        fwrite(
            $file,
            "  <entry>\n{$link('self', 'ReadingType/1')}    <content>\n      <ReadingType xmlns=\"http://naesb.org/espi\">\n        "
                ."<flowDirection>1</flowDirection>\n        <intervalLength>900</intervalLength>\n        "
                    ."<powerOfTenMultiplier>0</powerOfTenMultiplier>\n        <uom>72</uom>\n      "
                        ."</ReadingType>\n    </content>\n  </entry>\n",
        );
        for ($i = 0, $most = self::count($years); $i < $most; $i++) {
            if ($i % 96 === 0) {
                fwrite(
                    $file,
                    (
                        $i === 0 ? '' : "      </IntervalBlock>\n    </content>\n  </entry>\n"
                    )."  <entry>\n{$link('self', 'MeterReading/1/IntervalBlock/'.intdiv($i, 96))}"
                        ."{$link('up', 'MeterReading/1/IntervalBlock')}    <content>\n"
                        ."      <IntervalBlock xmlns=\"http://naesb.org/espi\">\n",
                );
            }
            fwrite(
                $file,
                sprintf(
                    "        <IntervalReading>\n          <timePeriod>\n            <duration>900</duration>\n            "
                        ."<start>%d</start>\n          </timePeriod>\n          <value>%d</value>\n        </IntervalReading>\n",
                    self::FIRST + 900 * $i, round(1000 * self::kwh($i)),
                ),
            );
        }
        fwrite($file, "      </IntervalBlock>\n    </content>\n  </entry>\n</feed>\n");
        fclose($file);
    }

    private static function local(int $epoch): string
    {
        return gmdate('Y-m-d H:i', $epoch + Zone::Eastern->offsetAt($epoch)[0]);
    }

    public static function count(int $years): int
    {
        return 35_040 * $years;
    }

    /** Low at night, higher in the evening and in winter, with one highest quarter hour. */
    private static function kwh(int $i): float
    {
        $hour = intdiv($i, 4) % 24;
        $season = 1 + 0.5 * cos(2 * M_PI * $i / 35_040);

        return $i === 1500 ? 2.9 : $season * (0.12 + ($hour >= 17 && $hour <= 21 ? 0.35 : 0.0) + 0.05 * (($i * 7919) % 13) / 13);
    }
}
