<?php

declare(strict_types=1);

use App\Bench\Measures\Measure;
use App\Bench\Measures\Measures;
use Illuminate\Support\Facades\Artisan;

it('names every measure at the command line, and refuses what is none by name', function () {
    $usage = (string) file_get_contents(base_path('underpin'));
    preg_match('/underpin bench \[([^\]]+)\]/', $usage, $named);
    $keys = [...array_keys(Measures::all()), 'walk'];
    $said = explode('|', $named[1]);
    expect(array_diff($keys, $said))->toBe([])->and(array_diff($said, $keys))->toBe([]);
    $files = array_map(fn (string $path): string => basename($path, '.php'), glob(app_path('Bench/Measures/*.php')) ?: []);
    $classes = array_map(fn (Measure $measure): string => class_basename($measure), array_values(Measures::all()));
    expect(array_values(array_diff($files, $classes, ['Measure', 'Measures'])))->toBe([]);
    expect($this->artisan('underpin:bench', ['what' => 'nonsense']))->toBe(2)
        ->and(Artisan::output())->toContain('"nonsense" was given');
});
