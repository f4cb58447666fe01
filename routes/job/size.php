<?php

declare(strict_types=1);

use App\Http\Controllers\Size\GeneratorController;
use App\Http\Controllers\Size\GrowthController;
use App\Http\Controllers\Size\OutageController;
use Illuminate\Support\Facades\Route;

/* The machine. */

Route::put('/machine', [GeneratorController::class, 'machine'])->name('machine');
Route::put('/margin', [GeneratorController::class, 'margin'])->name('margin');
Route::post('/growth', [GrowthController::class, 'store'])->name('growth');
Route::delete('/growth', [GrowthController::class, 'destroy'])->name('growth.destroy');
Route::get('/outage', [OutageController::class, 'show'])->name('outage');
Route::post('/outage/many', [OutageController::class, 'many'])->name('outage.many');
Route::get('/outage/span', [OutageController::class, 'span'])->name('outage.span');
Route::get('/outage/moment', [OutageController::class, 'moment'])->name('outage.moment');
