<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Support\Facades\Auth;

abstract class Controller
{
    /** The signed-in person; every route that asks is behind the guard. */
    protected function user(): User
    {
        $user = Auth::user();

        return $user instanceof User ? $user : abort(403);
    }
}
