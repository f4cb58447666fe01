<?php

declare(strict_types=1);

use App\Http\Controllers\Run\CardController;
use App\Http\Controllers\Run\RoutineController;
use Illuminate\Support\Facades\Route;

/* The switching card. */

Route::put('/start-routine', RoutineController::class)->name('routine');
Route::get('/card', [CardController::class, 'show'])->name('card');
Route::get('/card.pdf', [CardController::class, 'pdf'])->middleware('throttle:prints')->name('card.pdf');
