<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;

abstract class Controller
{
    /** @throws AuthorizationException in words that a page can show */
    protected function authorize(string $deed, Model $of): void
    {
        Gate::forUser($this->user())->authorize($deed, $of);
    }

    /** The signed-in person; every route that asks is behind the guard. */
    protected function user(): User
    {
        $user = Auth::user();

        return $user instanceof User ? $user : abort(403);
    }
}
