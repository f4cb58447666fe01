<?php

declare(strict_types=1);

use App\Http\Controllers\Work\DryRunController;
use App\Http\Controllers\Work\HoursController;
use App\Http\Controllers\Work\RangeController;
use App\Http\Controllers\Work\ReadingController;
use App\Http\Controllers\Work\ShopRangesController;
use App\Http\Controllers\Work\StepController;
use Illuminate\Support\Facades\Route;

/* The work, and the proof that it holds. */

Route::put('/work/step', [StepController::class, 'store'])->name('work.step');
Route::delete('/work/step', [StepController::class, 'destroy'])->name('work.step.undone');
Route::put('/work/hours', [HoursController::class, 'store'])->name('work.hours');
Route::delete('/work/hours', [HoursController::class, 'destroy'])->name('work.hours.remove');
Route::put('/work/dry-run', [DryRunController::class, 'store'])->name('work.dry-run');
Route::delete('/work/dry-run', [DryRunController::class, 'destroy'])->name('work.dry-run.remove');
Route::put('/work/range', RangeController::class)->name('work.range');
Route::put('/work/ranges-of-shop', ShopRangesController::class)->name('work.ranges-of-shop');
Route::get('/work/reading', ReadingController::class)->middleware('throttle:120,1,work.reading')->name('work.reading');
