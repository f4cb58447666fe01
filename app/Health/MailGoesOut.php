<?php

declare(strict_types=1);

namespace App\Health;

/** Whether the server for mail answers, or the file of the stand-in can be written. Nothing is sent. */
final class MailGoesOut implements Check
{
    private const PATIENCE_S = 2.0;

    public function name(): string
    {
        return 'mail';
    }

    public function result(): string
    {
        if (config('mail.default') !== 'smtp') {
            return is_writable(storage_path('logs')) ? 'ok' : 'cannot be written';
        }
        $server = config('mail.mailers.smtp.host');
        $port = config('mail.mailers.smtp.port');
        $line = @fsockopen(is_string($server) ? $server : '', is_numeric($port) ? (int) $port : 0, timeout: self::PATIENCE_S);
        if ($line === false) {
            return 'the server for mail does not answer';
        }
        fclose($line);

        return 'ok';
    }
}
