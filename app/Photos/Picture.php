<?php

declare(strict_types=1);

namespace App\Photos;

use GdImage;
use Underpin\Refused;

/**
 * A picture as it came from a camera, made into what is kept: turned upright, no larger than
 * needed, and drawn anew, so that nothing else of the file (position, device, owner) stays.
 */
final readonly class Picture
{
    public const MOST_BYTES = 25_000_000;

    /** Decoding takes about five bytes a pixel. */
    public const MOST_PIXELS = 50_000_000;

    /** What a web worker decodes while somebody waits; larger ones go through the queue. */
    public const AT_ONCE_PIXELS = 13_000_000;

    private const LONGEST = 2400;

    private const THUMBNAIL = 360;

    private function __construct(private GdImage $image)
    {
    }

    /**
     * @param  string  $name  of the file, as the person knows it
     *
     * @throws Refused on "photos", naming the file and the limit
     */
    public static function read(string $path, string $name): self
    {
        [$type] = self::head($path, $name);
        $image = match ($type) {
            IMAGETYPE_JPEG => @imagecreatefromjpeg($path),
            IMAGETYPE_PNG => @imagecreatefrompng($path),
            default => @imagecreatefromwebp($path),
        };
        if ($image === false) {
            throw self::refused($name, 'it is damaged');
        }

        return new self(self::upright(self::within($image, self::LONGEST), $type === IMAGETYPE_JPEG ? self::orientation($path) : 1));
    }

    /**
     * How many it claims, without decoding it.
     *
     * @throws Refused as read() does
     */
    public static function pixels(string $path, string $name): int
    {
        return self::head($path, $name)[1];
    }

    /** @return array{int, int} its type and its pixels */
    private static function head(string $path, string $name): array
    {
        $bytes = (int) @filesize($path);
        if ($bytes === 0) {
            throw self::refused($name, 'it is empty');
        }
        if ($bytes > self::MOST_BYTES) {
            throw self::refused($name, sprintf('it has %.1f MB; a photo may have at most %d', $bytes / 1e6, self::MOST_BYTES / 1e6));
        }
        $size = @getimagesize($path);
        $type = $size[2] ?? null;
        if ($size === false || ! in_array($type, [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw self::refused($name, 'it is no JPEG, PNG or WebP picture');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || $size[0] < 1 || $size[1] < 1) {
            throw self::refused(
                $name, sprintf('it has %.0f megapixels; a photo may have at most %d', $size[0] * $size[1] / 1e6, self::MOST_PIXELS / 1e6),
            );
        }

        return [$type, $size[0] * $size[1]];
    }

    public function width(): int
    {
        return imagesx($this->image);
    }

    public function height(): int
    {
        return imagesy($this->image);
    }

    public function jpeg(): string
    {
        return self::encoded($this->image, 85);
    }

    public function thumbnail(): string
    {
        return self::encoded(self::within($this->image, self::THUMBNAIL), 80);
    }

    private static function refused(string $name, string $why): Refused
    {
        return new Refused('photos', "$name: not added, $why.");
    }

    private static function within(GdImage $image, int $longest): GdImage
    {
        $scale = $longest / max(imagesx($image), imagesy($image));
        if ($scale >= 1) {
            return $image;
        }
        $small = imagescale(
            $image, max(1, (int) round(imagesx($image) * $scale)), max(1, (int) round(imagesy($image) * $scale)), IMG_BICUBIC_FIXED,
        );

        return $small === false ? $image : $small;
    }

    /** As the camera was held: Exif 2.3, tag 0x0112. */
    private static function orientation(string $path): int
    {
        $exif = @exif_read_data($path);
        $orientation = is_array($exif) ? $exif['Orientation'] ?? 1 : 1;

        return is_int($orientation) ? $orientation : 1;
    }

    private static function upright(GdImage $image, int $orientation): GdImage
    {
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($image, $orientation === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $degrees = match ($orientation) {
            3 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }

    private static function encoded(GdImage $image, int $quality): string
    {
        $ground = imagecreatetruecolor(imagesx($image), imagesy($image));
        imagefill($ground, 0, 0, (int) imagecolorallocate($ground, 255, 255, 255));
        imagecopy($ground, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));
        ob_start();
        imagejpeg($ground, null, $quality);

        return (string) ob_get_clean();
    }
}
