<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use ParagonIE\ConstantTime\Base32;

/** The second step of a sign-in: a code of a device, or one of the codes on paper for when it is lost. */
final readonly class SecondStep
{
    private const CODES = 8;

    private const CODE_BYTES = 5;

    /** What a device makes of it, as text or as a square pattern. */
    public static function address(User $user, string $secret): string
    {
        return 'otpauth://totp/'.rawurlencode("Underpin:$user->email")."?secret=$secret&issuer=Underpin";
    }

    /**
     * Turns it on once the device has shown that it knows the secret.
     *
     * @return ?list<string> the codes on paper, to be shown once; null: the code was not right
     */
    public static function begin(User $user, string $secret, string $code): ?array
    {
        $step = TimeCode::ofText($secret)->stepOf(self::plain($code), time(), 0);
        if ($step === null) {
            return null;
        }
        $codes = self::newCodes();
        $user->update([
            'second_step_secret' => $secret, 'second_step_since' => now(), 'second_step_used' => $step,
            'recovery_codes' => self::hashes($codes),
        ]);
        Log::info('Second step turned on', ['account' => $user->id]);

        return $codes;
    }

    /** @return list<string> others in the place of those that were given before */
    public static function renew(User $user): array
    {
        $codes = self::newCodes();
        $user->update(['recovery_codes' => self::hashes($codes)]);

        return $codes;
    }

    public static function end(User $user): void
    {
        $user->update(['second_step_secret' => null, 'second_step_since' => null, 'second_step_used' => 0, 'recovery_codes' => null]);
        Log::notice('Second step turned off', ['account' => $user->id]);
    }

    /** A code of either kind; each is good once. */
    public static function takes(User $user, string $given): bool
    {
        return DB::transaction(function () use ($user, $given): bool {
            $row = User::query()->lockForUpdate()->find($user->id);
            if ($row?->second_step_secret === null) {
                return false;
            }
            $step = TimeCode::ofText($row->second_step_secret)->stepOf(self::plain($given), time(), $row->second_step_used);
            if ($step !== null) {
                return $row->update(['second_step_used' => $step]);
            }
            $left = array_values(array_diff($row->recovery_codes ?? [], [self::hash(self::plain($given))]));
            if (count($left) === count($row->recovery_codes ?? [])) {
                return false;
            }
            Log::notice('A recovery code was used', ['account' => $row->id, 'left' => count($left)]);

            return $row->update(['recovery_codes' => $left]);
        });
    }

    /** @return list<string> as "ABCD-EFGH" */
    private static function newCodes(): array
    {
        return array_map(
            fn (): string => implode('-', str_split(Base32::encodeUpperUnpadded(random_bytes(self::CODE_BYTES)), 4)), range(1, self::CODES),
        );
    }

    /**
     * @param  list<string>  $codes
     * @return list<string>
     */
    private static function hashes(array $codes): array
    {
        return array_map(fn (string $code): string => self::hash(self::plain($code)), $codes);
    }

    /** Forty bits of chance, tried ten times a minute at most: a quick hash is enough. With the app's key, which is not in the database. */
    private static function hash(string $code): string
    {
        return hash_hmac('sha256', $code, config()->string('app.key'));
    }

    private static function plain(string $code): string
    {
        return strtoupper((string) preg_replace('/[\s-]+/', '', $code));
    }
}
