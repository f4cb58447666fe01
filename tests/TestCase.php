<?php

declare(strict_types=1);

namespace Tests;

use App\Access\PersonRole;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use Database\Seeders\CatalogueSeeder;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Tests\Support\DemoShop;
use Tests\Support\Houses;
use Underpin\Job\Job as JobFile;

abstract class TestCase extends BaseTestCase
{
    /** Mocking the console needs a package that is not installed. */
    public $mockConsoleOutput = false;

    /** Each at a device of their own: a session that began with another's password is signed out. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    /** A person of a shop of their own, with the catalogue in it. */
    public function person(string $email = 'ada@one.example', ?Shop $shop = null, PersonRole $role = PersonRole::Owner): User
    {
        if ($shop === null) {
            $shop = Shop::query()->create(['name' => 'Shop of '.$email]);
            CatalogueSeeder::fill($shop);
        }

        return User::query()->create([
            'shop_id' => $shop->id, 'name' => ucfirst(strtok($email, '@')), 'email' => $email, 'password' => 'a-long-password',
            'role' => $role,
        ])->refresh();
    }

    public function job(User $user, ?JobFile $job = null): Job
    {
        return JobEditor::create($user->shop, $user, $job ?? Houses::small())->row;
    }

    public function demo(): User
    {
        DemoShop::lay(fn () => $this->seed(DatabaseSeeder::class));

        return User::query()->where('email', 'nell@ridgeandharbor.example')->firstOrFail();
    }
}
