<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use RuntimeException;

/**
 * What Lighthouse says of a page, the median of some runs. It is only installed when it is asked for, into a folder of its own: nothing
 * of the app needs it.
 */
final class LighthouseRuns
{
    private const VERSION = '12.2.3';

    private const RUNS = 3;

    private const FLAGS = '--headless=new --no-sandbox --disable-gpu --disable-dev-shm-usage --disable-background-networking';

    private string $folder;

    public function __construct(private readonly string $url, private readonly string $cookies)
    {
        $this->folder = sys_get_temp_dir().'/underpin-lighthouse';
        File::ensureDirectoryExists($this->folder);
        if (! is_file("$this->folder/node_modules/.bin/lighthouse")) {
            File::put("$this->folder/package.json", '{"private":true}');
            $this->must('npm install --no-audit --no-fund --save-exact lighthouse@'.self::VERSION);
        }
    }

    /**
     * @return array{performance: float, accessibility: float, shift: float} scores of 100, and the shift of its layout
     */
    public function of(string $path, bool $isDesktop): array
    {
        $runs = [];
        $heads = ['Cookie' => $this->cookies.'; narrow='.($isDesktop ? 0 : 1)];
        File::put("$this->folder/heads.json", json_encode($heads, JSON_THROW_ON_ERROR));
        for ($i = 0; $i < self::RUNS; $i++) {
            $this->must(sprintf(
                'CHROME_PATH=/usr/bin/chromium node_modules/.bin/lighthouse %s --quiet --output=json --output-path=out.json '
                .'--only-categories=performance,accessibility --extra-headers=heads.json --chrome-flags=%s %s',
                escapeshellarg($this->url.$path), escapeshellarg(self::FLAGS), $isDesktop ? '--preset=desktop' : '--form-factor=mobile',
            ));
            $read = json_decode((string) file_get_contents("$this->folder/out.json"), true);
            if (! str_contains(json_encode(data_get($read, 'finalDisplayedUrl'), JSON_UNESCAPED_SLASHES) ?: '', $path)) {
                throw new RuntimeException("Lighthouse came to another page than $path.");
            }
            $runs[] = [
                'performance' => 100 * self::number($read, 'categories.performance.score'),
                'accessibility' => 100 * self::number($read, 'categories.accessibility.score'),
                'shift' => self::number($read, 'audits.cumulative-layout-shift.numericValue'),
            ];
        }
        $median = function (string $what) use ($runs): float {
            $all = array_column($runs, $what);
            sort($all);

            return $all[intdiv(count($all), 2)];
        };

        return ['performance' => $median('performance'), 'accessibility' => $median('accessibility'), 'shift' => $median('shift')];
    }

    private static function number(mixed $read, string $at): float
    {
        $number = data_get($read, $at);

        return is_numeric($number) ? (float) $number : throw new RuntimeException("Lighthouse says no $at.");
    }

    private function must(string $command): void
    {
        $done = Process::path($this->folder)->env(['HOME' => $this->folder])->timeout(300)->run($command);
        if ($done->failed()) {
            throw new RuntimeException("It could not be measured: $command\n".substr($done->errorOutput().$done->output(), -800));
        }
    }
}
