<?php

declare(strict_types=1);

arch('the core knows nothing of the framework, the database or the shell around it')
    ->expect('Underpin')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Database', 'Carbon', 'PDO', 'Dompdf', 'Symfony', 'Psr', 'DateTime', 'DateTimeImmutable']);

arch('the core reads no clock, chance, file or environment')
    ->expect('Underpin')
    ->not->toUse([
        'time', 'microtime', 'hrtime', 'date', 'strtotime', 'now', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand',
        'file_get_contents', 'file_put_contents', 'fopen', 'getenv', 'env', 'config', 'app', 'session', 'header', 'echo', 'print_r', 'var_dump', 'dd', 'dump',
    ]);

arch('everything is strict')->expect(['Underpin', 'App', 'Database'])->toUseStrictTypes();

arch('values of the core do not change')
    ->expect(['Underpin\Service', 'Underpin\JobFile', 'Underpin\Checks', 'Underpin\Outage', 'Underpin\Connection'])
    ->classes()->toBeFinal();

arch('models do no arithmetic of the trade')->expect('App\Models')->not->toUse(['Underpin\Sizing', 'Underpin\Wiring', 'Underpin\Loads']);
