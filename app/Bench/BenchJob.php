<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobFile\JobEditor;
use App\Models\Machine;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Sizing\Supply;

/** Somebody who is signed in, and a job of their own to measure on. */
final class BenchJob
{
    /**
     * @param  callable(Supply): Job  $house
     * @return array{Visitor, string} signed in, and the path of a job of its own
     */
    public static function of(callable $house): array
    {
        $user = User::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $user->shop_id)->where('key', 'badger-120')->firstOrFail();
        $job = JobEditor::create($user->shop, $user, $house(new Supply($machine->core(), Fuel::Gasoline)))->row;
        $visitor = new Visitor(config()->string('app.url'));
        $visitor->signIn($user->email, DatabaseSeeder::PASSWORD);

        return [$visitor, "/jobs/$job->id"];
    }
}
