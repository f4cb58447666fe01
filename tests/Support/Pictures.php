<?php

declare(strict_types=1);

namespace Tests\Support;

/** Pictures as cameras write them. */
final class Pictures
{
    public static function plain(int $width, int $height): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, 0, 0, $width - 1, $height - 1, imagecolorallocate($image, 20, 60, 60));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), intdiv($height, 2), imagecolorallocate($image, 240, 20, 20));
        ob_start();
        imagejpeg($image, null, 92);

        return (string) ob_get_clean();
    }

    /** With an Exif part: how the camera was held, and where. */
    public static function withPosition(int $width, int $height, int $orientation): string
    {
        $entry = fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count).$value;
        $gps = pack('v', 1).$entry(1, 2, 2, "N\0\0\0").pack('V', 0);
        $ifd = pack('v', 2).$entry(0x0112, 3, 1, pack('vv', $orientation, 0)).$entry(0x8825, 4, 1, pack('V', 8 + 2 + 24 + 4)).pack('V', 0);
        $exif = "Exif\0\0II".pack('vV', 42, 8).$ifd.$gps;
        $jpeg = self::plain($width, $height);

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A PNG whose head claims a size that its body does not hold. */
    public static function claiming(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1A\n".pack('N', 13).$head.pack('N', crc32($head));
    }
}
