<?php

declare(strict_types=1);

namespace Tests\Support;

/** The floors of the core as docs/architecture.svg draws them, and the arrows of the code between them. */
final class Floors
{
    /** @return array<string, int> floor by folder */
    public static function drawn(): array
    {
        preg_match_all(
            '/data-floor="(\d+)">(\w+)</', (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.svg'), $found, PREG_SET_ORDER,
        );

        return array_map(intval(...), array_column($found, 1, 2));
    }

    /**
     * @param  array<string, int>  $floors
     * @param  list<SourceFile>  $files
     * @return list<string> each arrow that does not go down, with a file that it comes from
     */
    public static function wrongArrows(array $floors, array $files): array
    {
        $wrong = [];
        foreach ($files as $file) {
            $from = self::folder($file->path);
            foreach ($from === null ? [] : $file->folders() as $to) {
                if ($to !== $from && $floors[$to] >= $floors[$from]) {
                    $wrong["$from-$to"] ??= "$from (floor $floors[$from]) uses $to (floor $floors[$to]): $file->path";
                }
            }
        }

        return array_values($wrong);
    }

    private static function folder(string $path): ?string
    {
        return substr_count($path, '/') > 1 ? explode('/', $path)[1] : null;
    }
}
