<?php

declare(strict_types=1);

use App\Http\Controllers\Price\CalendarController;
use App\Http\Controllers\Price\PaperController;
use App\Http\Controllers\Price\PartsController;
use Illuminate\Support\Facades\Route;

/* What is ordered. */

Route::get('/parts.csv', PartsController::class)->name('parts');
Route::get('/dates.ics', CalendarController::class)->name('dates');
Route::get('/papers/{paper}.pdf', PaperController::class)->where('paper', '[a-z-]{1,40}')->middleware('throttle:prints')->name('paper');
