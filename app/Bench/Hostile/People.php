<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use App\Access\PersonRole;
use App\Bench\BenchHouse;
use App\JobFile\JobEditor;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Underpin\Sizing\Supply;

/** Invented people of a shop, each with a job of their own. */
final readonly class People
{
    public const PASSWORD = 'walnut ferry oboe';

    /** @return list<array{email: string, password: string, job: int}> */
    public static function of(Shop $shop, int $count, Supply $supply): array
    {
        $hash = Hash::make(self::PASSWORD);
        $people = [];
        for ($n = 0; $n < $count; $n++) {
            $email = "visitor$n@$shop->id.example";
            DB::table('users')->insert([
                'shop_id' => $shop->id, 'name' => "Visitor $n", 'email' => $email, 'password' => $hash,
                'role' => PersonRole::Electrician->value,
            ]);
            $user = User::query()->where('email', $email)->sole();
            $people[] = [
                'email' => $email, 'password' => self::PASSWORD,
                'job' => JobEditor::create($shop, $user, BenchHouse::panelOf42($supply))->row->id,
            ];
        }

        return $people;
    }
}
