<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Invitation;
use App\Models\User;
use App\Notifications\SendInvitation;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Underpin\Refused;

/** Who belongs to a shop: every change of that goes through here, and only its owner makes one. */
final readonly class People
{
    public const INVITED_DAYS = 7;

    /**
     * Sends the link; whoever was invited before gets a new one, and the old is worth nothing.
     *
     * @throws Refused when that address belongs to somebody of the shop
     */
    public static function invite(User $owner, string $name, string $email, PersonRole $role): Invitation
    {
        Gate::forUser($owner)->authorize('lead', $owner->shop);
        if ($owner->shop->users()->where('email', $email)->exists()) {
            throw new Refused('new_email', "Mail address: $email belongs to somebody of the shop already.");
        }
        $token = Str::random(40);
        $invitation = Invitation::query()->updateOrCreate(
            ['shop_id' => $owner->shop_id, 'email' => $email],
            [
                'name' => $name, 'role' => $role, 'by' => $owner->name, 'token' => self::hash($token),
                'expires_at' => now()->addDays(self::INVITED_DAYS),
            ],
        );
        dispatch(new SendInvitation($invitation->id, $token));
        Log::info('Invited', ['account' => $owner->id, 'role' => $role->value]);

        return $invitation;
    }

    public static function withdraw(User $owner, int $invitation): void
    {
        Gate::forUser($owner)->authorize('lead', $owner->shop);
        $owner->shop->invitations()->where('id', $invitation)->delete();
    }

    /** Null: there is no such link, or none any more. */
    public static function invited(string $token): ?Invitation
    {
        return Invitation::query()->where('token', self::hash($token))->where('expires_at', '>', now())->first();
    }

    /** @throws Refused when the address has come into another shop */
    public static function join(Invitation $invitation, string $name, string $password): User
    {
        try {
            return DB::transaction(function () use ($invitation, $name, $password): User {
                $invitation = Invitation::query()->lockForUpdate()->findOrFail($invitation->id);
                $user = User::query()->create([
                    'shop_id' => $invitation->shop_id, 'name' => $name, 'email' => $invitation->email, 'password' => $password,
                    'role' => $invitation->role,
                ]);
                $invitation->delete();
                Log::info('Joined', ['account' => $user->id, 'role' => $user->role->value]);

                return $user;
            });
        } catch (UniqueConstraintViolationException) {
            throw new Refused(
                'name', 'This mail address signs in at another shop already. Ask whoever invited you to use another address of yours.',
            );
        }
    }

    /** @throws Refused when nobody would be left who leads the shop */
    public static function changeRole(User $owner, User $of, PersonRole $role): void
    {
        self::change($owner, $of, $role === PersonRole::Owner, function (User $row) use ($role): void {
            $row->update(['role' => $role]);
            Log::notice('Role changed', ['account' => $row->id, 'role' => $role->value]);
        });
    }

    /**
     * Takes somebody out, with everything that lets them in. What they did stays in the histories under their name.
     *
     * @throws Refused when nobody would be left who leads the shop
     */
    public static function remove(User $owner, User $of): void
    {
        self::change($owner, $of, false, function (User $row): void {
            Devices::endAll($row);
            DB::table('password_reset_tokens')->where('email', $row->email)->delete();
            $row->delete();
            Log::notice('Person removed', ['account' => $row->id]);
        });
    }

    public static function signOut(User $owner, User $of): int
    {
        Gate::forUser($owner)->authorize('lead', $of->shop);

        return Devices::endAll($of);
    }

    /** @param  callable(User): void  $make */
    private static function change(User $owner, User $of, bool $isOwnerAfter, callable $make): void
    {
        Gate::forUser($owner)->authorize('lead', $of->shop);
        DB::transaction(function () use ($of, $isOwnerAfter, $make): void {
            // All of them locked: two owners who take each other out must not both succeed.
            $all = User::query()->where('shop_id', $of->shop_id)->orderBy('id')->lockForUpdate()->get();
            $row = $all->find($of->id) ?? throw new Refused('person', "$of->name does not belong to the shop any more.");
            $others = $all->filter(fn (User $user): bool => $user->role === PersonRole::Owner && $user->id !== $of->id);
            if (! $isOwnerAfter && $others->isEmpty() && $row->role === PersonRole::Owner) {
                throw new Refused('person', "$of->name is the only owner of the shop: make somebody else an owner first.");
            }
            $make($row);
        });
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
