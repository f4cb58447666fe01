<?php

declare(strict_types=1);

use App\Http\Controllers\Keep\LogController;
use App\Http\Controllers\Keep\ReportController;
use App\Http\Controllers\Keep\ServiceController;
use Illuminate\Support\Facades\Route;

/* The years after. */

Route::put('/log/entry', [LogController::class, 'store'])->name('log.entry');
Route::delete('/log/entry', [LogController::class, 'destroy'])->name('log.entry.remove');
Route::put('/log/service', [ServiceController::class, 'store'])->name('log.service');
Route::delete('/log/service', [ServiceController::class, 'destroy'])->name('log.service.remove');
Route::post('/log/report', ReportController::class)->middleware('throttle:30,1,log.report')->name('log.report');
Route::get('/log.csv', [LogController::class, 'export'])->name('log.csv');
Route::post('/log/import', [LogController::class, 'import'])->middleware('throttle:imports')->name('log.import');
