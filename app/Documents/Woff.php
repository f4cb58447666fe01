<?php

declare(strict_types=1);

namespace App\Documents;

use UnexpectedValueException;

/** A font as a page loads it (WOFF 1.0), as the TrueType file that is in it: its tables unpacked and put one behind the other. */
final class Woff
{
    private const HEAD_BYTES = 44;

    private const ENTRY_BYTES = 20;

    /** @throws UnexpectedValueException when it is no such font */
    public static function trueType(string $woff): string
    {
        if (substr($woff, 0, 4) !== 'wOFF' || strlen($woff) < self::HEAD_BYTES) {
            throw new UnexpectedValueException('It is no WOFF font.');
        }
        /** @var array{1: int} $count */
        $count = unpack('n', $woff, 12);
        $tables = [];
        for ($i = 0; $i < $count[1]; $i++) {
            /** @var array{tag: string, at: int, packed: int, bytes: int, sum: int} $entry */
            $entry = unpack('a4tag/Nat/Npacked/Nbytes/Nsum', $woff, self::HEAD_BYTES + $i * self::ENTRY_BYTES);
            $data = substr($woff, $entry['at'], $entry['packed']);
            if (strlen($data) !== $entry['packed']) {
                throw new UnexpectedValueException("The font breaks off in its table $entry[tag].");
            }
            // A table that packing would not make smaller lies there as it is.
            $plain = $entry['packed'] < $entry['bytes'] ? zlib_decode($data, $entry['bytes']) : $data;
            if ($plain === false || strlen($plain) !== $entry['bytes']) {
                throw new UnexpectedValueException("The table $entry[tag] of the font is broken.");
            }
            $tables[] = [$entry['tag'], $entry['sum'], $plain];
        }

        return self::put(substr($woff, 4, 4), $tables);
    }

    /** @param  list<array{string, int, string}>  $tables  tag, checksum, data */
    private static function put(string $flavor, array $tables): string
    {
        $count = count($tables);
        $power = (int) floor(log(max(1, $count), 2));
        $range = 16 * 2 ** $power;
        $head = $flavor.pack('nnnn', $count, $range, $power, $count * 16 - $range);
        $at = 12 + 16 * $count;
        $body = '';
        foreach ($tables as [$tag, $sum, $data]) {
            $head .= pack('a4NNN', $tag, $sum, $at + strlen($body), strlen($data));
            $body .= str_pad($data, (int) (ceil(strlen($data) / 4) * 4), "\0");
        }

        return $head.$body;
    }
}
