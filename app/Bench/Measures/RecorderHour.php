<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\BenchJob;
use App\Bench\Report;
use App\Bench\Times;
use App\Models\Recording;
use App\Recordings\RecordingRows;

/** An hour of ten readings a second, in the batches of a recorder: does the last minute cost more than the first? */
final class RecorderHour implements Measure
{
    private const GROWTH = 1.5;

    public function key(): string
    {
        return 'recorder';
    }

    public function measure(Report $report): bool
    {
        [$visitor, $path] = BenchJob::of(BenchHouse::panelOf42(...));
        $visitor->change("$path/recordings", 'POST', ['name' => 'Bench', 'inlet_a' => '30', 'buffer_a' => '0']);
        $recording = Recording::query()->where('id', Recording::query()->max('id'))->firstOrFail();
        $url = "$path/recordings/$recording->key";
        [$first, $last, $early, $late] = [new Times, new Times, new Times, new Times];
        for ($second = 0; $second < 3600; $second++) {
            $batch = array_map(fn (int $i): array => [$second * 1000 + $i * 100, 5.0 + ($second % 40 < 20 ? 4.0 : 0.0), 3.0], range(0, 9));
            ($second < 300 ? $first : ($second >= 3300 ? $last : new Times))->measure(
                fn () => $visitor->send("$url/readings", ['readings' => $batch])->getBody()->getContents()
            );
            if ($second % 10 === 9 && ($second >= 240 && $second < 540 || $second >= 3300)) {
                ($second < 540 ? $early : $late)->measure(fn () => $visitor->get("$url/offers")->getBody()->getContents());
            }
        }
        $good = $report->kept(
            'readings lost of 36,000', (float) (36_000 - iterator_count(RecordingRows::readings($recording))), 0, '%.0f',
        );
        $good = $report->kept(
            'a batch in the last minutes of an hour to one in the first', $last->median() / $first->median(), self::GROWTH, '%.2f',
        )
            && $good;

        return $report->kept(
            'steps found in the last minutes to those in the first', $late->median() / $early->median(), self::GROWTH, '%.2f',
        )
            && $good;
    }
}
