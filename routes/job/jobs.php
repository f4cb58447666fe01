<?php

declare(strict_types=1);

use App\Http\Controllers\Jobs\DrawingController;
use App\Http\Controllers\Jobs\HistoryController;
use App\Http\Controllers\Jobs\JobController;
use App\Http\Controllers\Jobs\JobFileController;
use App\Http\Controllers\Jobs\PhotoController;
use App\Http\Controllers\Jobs\RunController;
use App\Http\Controllers\Jobs\SetAsideController;
use App\Http\Controllers\Jobs\StageController;
use Illuminate\Support\Facades\Route;
use Underpin\Stages\Stage;
use Underpin\Stages\Stages;

/* The job as a whole: its history, its file, its photos, its long work, and the page of each stage. */

Route::get('/', [JobController::class, 'show'])->name('show');
Route::patch('/', [JobController::class, 'update'])->name('update');
Route::delete('/', [JobController::class, 'destroy'])->name('destroy');
Route::put('/set-aside', [SetAsideController::class, 'store'])->name('set-aside');
Route::delete('/set-aside', [SetAsideController::class, 'destroy'])->name('set-aside.back');
Route::get('/job.json', [JobFileController::class, 'export'])->name('export');
Route::post('/undo', [HistoryController::class, 'undo'])->name('undo');
Route::post('/redo', [HistoryController::class, 'redo'])->name('redo');
Route::get('/runs/{run}', [RunController::class, 'show'])->whereNumber('run')->name('runs.show');
Route::post('/runs/{run}/stop', [RunController::class, 'stop'])->whereNumber('run')->name('runs.stop');
Route::post('/runs/{run}/again', [RunController::class, 'again'])->whereNumber('run')->name('runs.again');
Route::post('/photos', [PhotoController::class, 'store'])->middleware('throttle:photos')->name('photos.store');
Route::get('/photos/{photo}', [PhotoController::class, 'show'])->name('photos.show');
Route::get('/photos/{photo}/small', [PhotoController::class, 'thumbnail'])->name('photos.thumbnail');
Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->name('photos.destroy');
Route::get('/drawings/{drawing}/{sheet}.{format}', DrawingController::class)
    ->where(['drawing' => '[a-z-]+', 'sheet' => '[1-9][0-9]{0,2}', 'format' => '[a-z]{3}'])
    ->middleware('throttle:prints')
    ->name('drawings');

// The stages that there are, and nothing else.
Route::get('/{stage}', StageController::class)
    ->whereIn('stage', array_map(fn (Stage $stage): string => $stage->key()->value, Stages::standard()->all()))
    ->name('stage');
