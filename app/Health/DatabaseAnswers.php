<?php

declare(strict_types=1);

namespace App\Health;

use Illuminate\Support\Facades\DB;

final class DatabaseAnswers implements Check
{
    public function name(): string
    {
        return 'database';
    }

    public function result(): string
    {
        DB::table('shops')->exists();

        return 'ok';
    }
}
