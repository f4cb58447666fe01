<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Process;
use Throwable;

/** The pattern of an address that a telephone reads, for paper: made by the same package as on the screen, once for each address. */
final readonly class SquarePattern
{
    private const SECONDS = 10;

    private const SCRIPT = 'resources/js/account/square-out.js';

    /** Its picture for a page that is printed; null: it cannot be made on this machine, and the address stands there in letters alone. */
    public static function of(string $address): ?string
    {
        $key = 'square.'.hash('sha256', $address);
        $svg = Cache::get($key);
        if (! is_string($svg)) {
            $svg = self::drawn($address);
            if ($svg === null) {
                return null;
            }
            Cache::put($key, $svg, now()->addMonth());
        }

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    private static function drawn(string $address): ?string
    {
        try {
            $made = Process::timeout(self::SECONDS)->input($address)->run(['node', base_path(self::SCRIPT)]);
        } catch (Throwable $fault) {
            Log::warning('A square pattern was not made', ['why' => $fault->getMessage()]);

            return null;
        }
        if ($made->failed()) {
            Log::warning('A square pattern was not made', ['why' => $made->errorOutput()]);

            return null;
        }

        return $made->output();
    }
}
