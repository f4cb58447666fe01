<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use Underpin\Exchange\JobFile;
use Underpin\Job\Job;

/** What is brought in, as it should be: to be spoiled. */
final readonly class GoodFiles
{
    /** @return array<string, string> by what it is */
    public static function of(Job $job): array
    {
        return [
            'job' => JobFile::standard()->encode($job), 'intervals' => self::intervals(), 'recording' => self::recording(),
            'photo' => self::photo(),
        ];
    }

    private static function intervals(): string
    {
        $lines = ['Start,End,Usage (kWh)'];
        for ($at = strtotime('2026-01-05 00:00 UTC'), $n = 0; $n < 200; $n++, $at += 900) {
            $lines[] = sprintf('%s,%s,%.2f', gmdate('Y-m-d H:i', $at), gmdate('Y-m-d H:i', $at + 900), 0.2 + ($n % 7) / 10);
        }

        return implode("\n", $lines)."\n";
    }

    private static function recording(): string
    {
        $lines = ['Time (s),Leg A (A),Leg B (A),Mark'];
        foreach (range(0, 200) as $n) {
            $lines[] = sprintf('%.1f,%.1f,%.1f,%s', $n / 10, 1 + $n % 9, 2 + $n % 5, $n === 50 ? 'pump on' : '');
        }

        return implode("\n", $lines)."\n";
    }

    private static function photo(): string
    {
        $picture = imagecreatetruecolor(64, 48);
        ob_start();
        imagejpeg($picture);

        return (string) ob_get_clean();
    }
}
