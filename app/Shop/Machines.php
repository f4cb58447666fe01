<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use LogicException;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Machine as CoreMachine;
use Underpin\Job\Part\MachineLine;
use Underpin\Job\Part\MachinePart;

/** The machines of the shop's catalogue. */
final class Machines implements SheetThing
{
    private const COLUMNS = ['name', 'form', 'volts', 'outlet', 'outlet_a', 'neutral', 'gfci', 'ratings', 'price_usd'];

    public function word(): string
    {
        return 'machine';
    }

    public function of(int $shopId): Builder
    {
        return Machine::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'key';
    }

    public function page(): string
    {
        return 'catalogue';
    }

    public function form(): Form
    {
        return MachineLine::form();
    }

    public function title(Values $line): string
    {
        return $line->text('name');
    }

    public function same(int $shopId, Values $line): ?Machine
    {
        return Machine::query()->where('shop_id', $shopId)->where('name', $line->text('name'))->first();
    }

    /** Of its name, and of no other machine. */
    public function newKey(int $shopId, Values $line): string
    {
        $plain = Str::limit(Str::slug($line->text('name')), 32, '') ?: 'machine';
        $taken = Machine::query()->where('shop_id', $shopId)->where('key', 'like', "$plain%")->pluck('key')->all();

        return in_array($plain, $taken, true) ? "$plain-".Str::lower(Str::random(6)) : $plain;
    }

    public function columns(string $key, Values $line): array
    {
        return self::held(MachineLine::read($key, $line));
    }

    public function follows(array $changed): array
    {
        return [];
    }

    public function line(Model $row): array
    {
        return $row instanceof Machine ? MachineLine::write($row->core()) : throw new LogicException('A machine is asked for.');
    }

    /** @return array<string, mixed> the columns that hold a machine */
    public static function held(CoreMachine $machine): array
    {
        $written = MachinePart::write($machine);
        $more = array_filter(
            array_diff_key($written, array_flip(['id', ...self::COLUMNS])), fn (mixed $value): bool => $value !== null && $value !== [],
        );

        return ['key' => $machine->id, ...array_intersect_key($written, array_flip(self::COLUMNS)), 'more' => $more];
    }
}
