<?php

declare(strict_types=1);

use App\Http\Controllers\Price\CalendarController;
use App\Http\Controllers\Price\OfferController;
use App\Http\Controllers\Price\PaperController;
use App\Http\Controllers\Price\PartPriceController;
use App\Http\Controllers\Price\PartsController;
use App\Http\Controllers\Price\QuoteController;
use App\Http\Controllers\Price\ScheduleController;
use App\Http\Controllers\Price\SentController;
use Illuminate\Support\Facades\Route;

/* What is ordered. */

Route::put('/offer', [OfferController::class, 'store'])->name('offer');
Route::put('/offer/beside', [OfferController::class, 'beside'])->name('offer.beside');
Route::put('/offer/extra', [OfferController::class, 'extra'])->name('offer.extra');
Route::delete('/offer/extra', [OfferController::class, 'destroy'])->name('offer.extra.remove');
Route::post('/quotes', [QuoteController::class, 'store'])->name('quotes.store');
Route::put('/quotes/answer', [QuoteController::class, 'answer'])->name('quotes.answer');
Route::get('/quotes/{quote}.pdf', [QuoteController::class, 'pdf'])->where('quote', '[0-9]{1,7}-[0-9]{1,2}')->middleware('throttle:prints')
    ->name('quotes.pdf');
Route::put('/part-price', PartPriceController::class)->name('part-price');
Route::put('/install-day', [ScheduleController::class, 'day'])->name('install-day');
Route::put('/step', [ScheduleController::class, 'step'])->name('step');
Route::put('/sent', [SentController::class, 'store'])->name('sent');
Route::delete('/sent', [SentController::class, 'destroy'])->name('sent.remove');
Route::get('/parts.csv', PartsController::class)->name('parts');
Route::get('/dates.ics', CalendarController::class)->name('dates');
Route::get('/papers/{paper}.pdf', PaperController::class)->where('paper', '[a-z-]{1,40}')->middleware('throttle:prints')->name('paper');
