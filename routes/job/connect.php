<?php

declare(strict_types=1);

use App\Http\Controllers\Connect\ConnectionController;
use App\Http\Controllers\Connect\SwitchController;
use Illuminate\Support\Facades\Route;

/* How it connects. */

Route::put('/connection', ConnectionController::class)->name('connection');
Route::put('/connection/switch', [SwitchController::class, 'kind'])->name('switch');
Route::put('/connection/switch/place', [SwitchController::class, 'place'])->name('switch.place');
