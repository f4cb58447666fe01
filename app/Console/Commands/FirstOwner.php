<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\NewPassword;
use App\Access\PersonRole;
use App\Models\Shop;
use App\Models\User;
use Database\Seeders\CatalogueSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;

/** A shop of one's own in an empty database, with whoever leads it. */
final class FirstOwner extends Command
{
    protected $signature = 'underpin:first-owner {--lines : read shop, name, mail address and password from standard input, a line each}';

    protected $description = 'Asks for the shop and its first owner, in an empty database';

    /** field => what is asked */
    private const ASKED = ['shop' => 'Name of the shop', 'name' => 'Your name', 'email' => 'Your mail address', 'password' => 'Password'];

    public function handle(): int
    {
        if (Shop::query()->exists()) {
            $this->error('There is a shop here already. Its owner invites whoever else belongs to it.');

            return self::FAILURE;
        }
        $given = [];
        foreach (array_keys(self::ASKED) as $field) {
            $value = $this->option('lines') ? $this->fromLine($field, $given) : $this->asked($field, $given);
            if ($value === null) {
                return self::FAILURE;
            }
            $given[$field] = $value;
        }
        DB::transaction(function () use ($given): void {
            $shop = Shop::query()->create(['name' => $given['shop']]);
            CatalogueSeeder::fillLoads($shop);
            User::query()->create([
                'shop_id' => $shop->id, 'name' => $given['name'], 'email' => $given['email'], 'password' => $given['password'],
                'role' => PersonRole::Owner,
            ]);
        });
        $this->info("{$given['shop']} is there, and {$given['name']} leads it.");

        return self::SUCCESS;
    }

    /** @param  array<string, string>  $given */
    private function fromLine(string $field, array $given): ?string
    {
        $line = rtrim((string) fgets(STDIN), "\r\n");
        $value = $field === 'password' ? $line : trim($line); // as the page takes them
        $fault = $this->fault($field, $value, $given);
        if ($fault !== null) {
            $this->error($fault);
        }

        return $fault === null ? $value : null;
    }

    /**
     * Until it will do.
     *
     * @param  array<string, string>  $given
     */
    private function asked(string $field, array $given): string
    {
        for (; ;) {
            $answer = $field === 'password' ? $this->secret(self::ASKED[$field]) : $this->ask(self::ASKED[$field]);
            $value = is_string($answer) ? $answer : '';
            $value = $field === 'password' ? $value : trim($value);
            $fault = $this->fault($field, $value, $given);
            if ($fault === null && ($field !== 'password' || $this->secret('The same again') === $answer)) {
                return $value;
            }
            $this->error($fault ?? 'Password: the two were not the same.');
        }
    }

    /** @param  array<string, string>  $given */
    private function fault(string $field, string $value, array $given): ?string
    {
        $label = self::ASKED[$field];
        if (! mb_check_encoding($value, 'UTF-8')) {
            return "$label: it holds bytes that are no text (UTF-8).";
        }
        $rules = match ($field) {
            'email' => ['required', 'email', 'max:200'],
            'password' => ['required', new NewPassword(array_values($given), $label)],
            default => ['required', 'max:100'],
        };

        return Validator::make([$field => $value], [$field => $rules], [], [$field => $label])->errors()->first() ?: null;
    }
}
