<?php

declare(strict_types=1);

use App\Http\Controllers\Run\CardController;
use App\Http\Controllers\Run\RehearsalController;
use App\Http\Controllers\Run\RoutineController;
use Illuminate\Support\Facades\Route;

/* The switching card. */

Route::put('/start-routine', RoutineController::class)->name('routine');
Route::get('/card', [CardController::class, 'show'])->name('card');
Route::get('/card.pdf', [CardController::class, 'pdf'])->middleware('throttle:prints')->name('card.pdf');
Route::get('/card-large.pdf', [CardController::class, 'large'])->middleware('throttle:prints')->name('card.large');
Route::get('/rehearsal', [RehearsalController::class, 'show'])->name('rehearsal');
Route::post('/rehearsal', [RehearsalController::class, 'throw'])->middleware('throttle:300,1,rehearsal.throw')->name('rehearsal.throw');
Route::post('/rehearsal/finish', [RehearsalController::class, 'finish'])
    ->middleware('throttle:10,1,rehearsal.finish')->name('rehearsal.finish');
Route::put('/rehearsal/link', [RehearsalController::class, 'renew'])->name('rehearsal.link');
Route::delete('/rehearsal/link', [RehearsalController::class, 'end'])->name('rehearsal.link.end');
