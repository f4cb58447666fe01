<?php

declare(strict_types=1);

namespace App\Access;

use ParagonIE\ConstantTime\Base32;

/** The six digits that a device shows for half a minute (RFC 6238 over RFC 4226, SHA-1, as every such device does). */
final readonly class TimeCode
{
    private const STEP_S = 30;

    private const DIGITS = 6;

    /** 160 bits, as RFC 4226 recommends. */
    private const SECRET_BYTES = 20;

    /** Steps that a clock may be early or late. */
    private const DRIFT = 1;

    /** @param  string  $secret  the bytes that the device and we share */
    public function __construct(private string $secret)
    {
    }

    /** @return string for a person to type: letters A to Z and digits 2 to 7 */
    public static function newSecret(): string
    {
        return Base32::encodeUpperUnpadded(random_bytes(self::SECRET_BYTES));
    }

    public static function ofText(string $secret): self
    {
        return new self(Base32::decodeUpper($secret));
    }

    public function at(int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $from = ord($hash[19]) & 0x0F;
        /** @var array{1: int} $number */
        $number = unpack('N', substr($hash, $from, 4));

        return str_pad((string) (($number[1] & 0x7FFFFFFF) % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    public static function stepAt(int $unixTime): int
    {
        return intdiv($unixTime, self::STEP_S);
    }

    /**
     * @param  int  $after  the step that was used last: a code that somebody saw over a shoulder is worth nothing
     * @return ?int the step that the code is of; null: it is not right
     */
    public function stepOf(string $code, int $unixTime, int $after): ?int
    {
        $now = self::stepAt($unixTime);
        $found = null;
        for ($step = $now - self::DRIFT; $step <= $now + self::DRIFT; $step++) {
            if (hash_equals($this->at($step), $code) && $step > $after) {
                $found = $step;
            }
        }

        return $found;
    }
}
