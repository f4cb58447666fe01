<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** Reads a DXF file back, as strictly as the format asks: pairs of lines, sections, entities. */
final class DxfReader
{
    /** @var array<string, list<array{int, string}>> pairs by section */
    private array $sections = [];

    public function __construct(string $file)
    {
        $lines = explode("\n", $file);
        if (array_pop($lines) !== '' || count($lines) % 2 !== 0) {
            throw new RuntimeException('The lines do not come in pairs.');
        }
        $section = '';
        foreach (array_chunk($lines, 2) as $i => [$code, $value]) {
            if (preg_match('/^\d{1,3}$/', $code) !== 1 || preg_match('/[^\x20-\x7e]/', $value) === 1) {
                throw new RuntimeException("Pair $i is no pair: '$code', '$value'.");
            }
            $section = $section === '?' && (int) $code === 2 ? $value : $section;
            $section = [(int) $code, $value] === [0, 'SECTION'] ? '?' : $section;
            $this->sections[$section][] = [(int) $code, $value];
        }
        $last = array_pop($lines);
        if ($last !== 'EOF') {
            throw new RuntimeException("The file ends in '$last'.");
        }
    }

    /** @return list<string> */
    public function layers(): array
    {
        return array_map(fn (array $e): string => $e[2], array_values(array_filter($this->things('TABLES'), fn ($e) => $e[0] === 'LAYER')));
    }

    /** @return list<array<int, string>> values by group code, 0 is the kind; vertices follow their polyline */
    public function entities(?string $kind = null): array
    {
        return array_values(array_filter($this->things('ENTITIES'), fn (array $e): bool => $kind === null || $e[0] === $kind));
    }

    /** @return list<array<int, string>> */
    public function blocks(): array
    {
        return array_values(array_filter($this->things('BLOCKS'), fn (array $e): bool => $e[0] === 'BLOCK'));
    }

    /** @return list<array<int, string>> */
    private function things(string $section): array
    {
        $things = [];
        foreach ($this->sections[$section] ?? [] as [$code, $value]) {
            if ($code === 0) {
                $things[] = [];
            }
            if ($things !== []) {
                $things[array_key_last($things)][$code] = $value;
            }
        }

        return array_values(array_filter($things, fn (array $thing): bool => ! in_array($thing[0], ['ENDSEC', 'EOF'], true)));
    }
}
