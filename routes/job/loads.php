<?php

declare(strict_types=1);

use App\Http\Controllers\Loads\DemandController;
use App\Http\Controllers\Loads\GridController;
use App\Http\Controllers\Loads\IntervalController;
use App\Http\Controllers\Loads\LibraryController;
use App\Http\Controllers\Loads\LoadController;
use App\Http\Controllers\Loads\MeasuredController;
use App\Http\Controllers\Loads\MeterController;
use App\Http\Controllers\Loads\RecordingController;
use App\Http\Controllers\Loads\SchoolsController;
use App\Http\Controllers\Loads\SuggestionController;
use Illuminate\Support\Facades\Route;

/* What must run: the list, what is measured, what is calculated. */

Route::post('/circuits/{circuit}/loads', [LoadController::class, 'store'])->name('loads.store');
Route::post('/circuits/{circuit}/nameplate', [LoadController::class, 'nameplate'])->name('loads.nameplate');
Route::patch('/loads/{load}', [LoadController::class, 'update'])->name('loads.update');
Route::delete('/loads/{load}', [LoadController::class, 'destroy'])->name('loads.destroy');
Route::get('/grid', [GridController::class, 'show'])->name('grid');
Route::put('/grid', [GridController::class, 'update'])->middleware('throttle:cells')->name('grid.update');
Route::post('/suggestions', [SuggestionController::class, 'store'])->name('suggestions');
Route::get('/library', LibraryController::class)->name('library');
Route::get('/demand', [DemandController::class, 'show'])->name('demand');
Route::put('/demand', [DemandController::class, 'update'])->name('demand.update');
Route::get('/meter', [MeterController::class, 'show'])->name('meter');
Route::put('/meter', [MeterController::class, 'update'])->name('meter.update');
Route::put('/meter/switch', [MeterController::class, 'switch'])->name('meter.switch');
Route::get('/meter/readings', [MeterController::class, 'readings'])->name('meter.readings');
Route::get('/recordings', [RecordingController::class, 'index'])->name('recordings');
Route::post('/recordings', [RecordingController::class, 'store'])->name('recordings.store');
Route::post('/recordings/import', [RecordingController::class, 'import'])->middleware('throttle:imports')->name('recordings.import');
Route::get('/recordings/{recording}', [RecordingController::class, 'show'])->name('recordings.show');
Route::put('/recordings/{recording}', [RecordingController::class, 'update'])->name('recordings.update');
Route::delete('/recordings/{recording}', [RecordingController::class, 'destroy'])->name('recordings.destroy');
Route::post('/recordings/{recording}/restore', [RecordingController::class, 'restore'])->name('recordings.restore');
Route::post('/recordings/{recording}/stop', [RecordingController::class, 'stop'])->name('recordings.stop');
Route::post('/recordings/{recording}/readings', [RecordingController::class, 'readings'])->name('recordings.readings');
Route::post('/recordings/{recording}/marks', [RecordingController::class, 'mark'])->name('recordings.marks');
Route::get('/recordings/{recording}/offers', [RecordingController::class, 'offers'])->name('recordings.offers');
Route::post('/recordings/{recording}/take', [RecordingController::class, 'take'])->name('recordings.take');
Route::get('/recordings/{recording}/readings.csv', [RecordingController::class, 'export'])->name('recordings.export');
Route::put('/measured', [MeasuredController::class, 'update'])->name('measured');
Route::delete('/measured', [MeasuredController::class, 'destroy'])->name('measured.destroy');
Route::get('/intervals', [IntervalController::class, 'show'])->name('intervals');
Route::post('/intervals', [IntervalController::class, 'store'])->middleware('throttle:imports')->name('intervals.store');
Route::delete('/intervals', [IntervalController::class, 'destroy'])->name('intervals.destroy');
Route::put('/intervals/peak', [IntervalController::class, 'peak'])->name('intervals.peak');
Route::get('/schools', [SchoolsController::class, 'show'])->name('schools');
Route::put('/schools', [SchoolsController::class, 'update'])->name('schools.update');
