<?php

declare(strict_types=1);

namespace App\Shop;

use App\JobFile\Conflict;
use App\Models\ShopEvent;
use App\Models\User;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Underpin\Refused;

/** Every change of what belongs to the shop goes through here: checked against what its page showed, and written to the history. */
final class ShopEditor
{
    /** Steps of a history that its page shows. */
    private const SHOWN = 20;

    /** @param  array<string, mixed>  $columns */
    public static function add(User $user, ShopThing $of, string $label, array $columns): Model
    {
        Gate::forUser($user)->authorize('stock', $user->shop);

        return DB::transaction(function () use ($user, $of, $label, $columns): Model {
            $row = $of->of($user->shop_id)->getModel()->newInstance(['shop_id' => $user->shop_id, ...$columns]);
            $row->save();
            self::note($user, $of, self::key($of, $row), $label, null, $columns);

            return $row;
        });
    }

    /**
     * @param  array<string, mixed>  $columns  as they are to be
     * @param  array<string, mixed>  $was  what the page showed, by field
     * @param  array<string, mixed>  $now  what is to be saved, by field
     * @param  Closure(Model): array<string, mixed>  $fields  what stands there, by field
     * @return bool whether anything is other than before
     *
     * @throws Conflict when somebody else has changed the same fields since
     */
    public static function change(
        User $user,
        ShopThing $of,
        string $key,
        string $label,
        array $columns,
        array $was,
        array $now,
        Closure $fields,
    ): bool {
        Gate::forUser($user)->authorize('stock', $user->shop);

        return DB::transaction(function () use ($user, $of, $key, $label, $columns, $was, $now, $fields): bool {
            $row = $of->of($user->shop_id)->where($of->keyColumn(), $key)->lockForUpdate()->firstOrFail();
            $last = self::history($user, $of, $key)->first();
            $by = $last === null ? null : "$last->by, {$last->created_at->format('H:i')}: $last->label";
            Conflict::guardShop($fields($row), $was, $now, $by);
            $before = $row->only(array_keys($columns));
            $row->fill($columns);
            if (! $row->isDirty()) {
                return false;
            }
            $row->save();
            self::note($user, $of, self::key($of, $row), $label, $before, $columns);

            return true;
        });
    }

    /**
     * The last step of something is taken back, as a step of its own.
     *
     * @throws Refused when another step has come on top
     */
    public static function takeBack(User $user, ShopEvent $event): ShopThing
    {
        Gate::forUser($user)->authorize('stock', $user->shop);
        $of = ShopThings::named($event->of);
        DB::transaction(function () use ($user, $of, $event): void {
            $last = ShopEvent::query()
                ->where('shop_id', $user->shop_id)
                ->where('of', $event->of)
                ->where('of_key', $event->of_key)
                ->lockForUpdate()
                ->orderByDesc('id')
                ->first();
            if ($last?->id !== $event->id) {
                throw new Refused('history', 'It has been changed since this page was opened. Look at it again before taking a step back.');
            }
            $row = $of->of($user->shop_id)->where($of->keyColumn(), $event->of_key)->first();
            try {
                self::restore($user, $of, $event, $row);
            } catch (UniqueConstraintViolationException) {
                throw new Refused('history', 'Its name is taken by another now. Give that one another name first.');
            }
            self::note($user, $of, $event->of_key, "Taken back: $event->label", $event->became, $event->was);
        });

        return $of;
    }

    private static function restore(User $user, ShopThing $of, ShopEvent $event, ?Model $row): void
    {
        if ($event->was === null) {
            $row?->delete();

            return;
        }
        $row ??= $of->of($user->shop_id)->getModel()->newInstance(['shop_id' => $user->shop_id, $of->keyColumn() => $event->of_key]);
        $row->fill($event->was)->save();
    }

    /** @return Collection<int, ShopEvent> the newest first */
    public static function history(User $user, ShopThing $of, string $key): Collection
    {
        return ShopEvent::query()->where('shop_id', $user->shop_id)->where('of', $of->word())->where('of_key', $key)
            ->orderByDesc('id')->limit(self::SHOWN)->get();
    }

    /**
     * @param  ?array<string, mixed>  $was
     * @param  ?array<string, mixed>  $became
     */
    private static function note(User $user, ShopThing $of, string $key, string $label, ?array $was, ?array $became): void
    {
        ShopEvent::query()->create([
            'shop_id' => $user->shop_id, 'user_id' => $user->id, 'by' => $user->name, 'label' => mb_substr($label, 0, 200),
            'of' => $of->word(), 'of_key' => $key, 'was' => $was, 'became' => $became, 'created_at' => now(),
        ]);
    }

    private static function key(ShopThing $of, Model $row): string
    {
        $key = $row->getAttribute($of->keyColumn());

        return is_scalar($key) ? (string) $key : '';
    }
}
