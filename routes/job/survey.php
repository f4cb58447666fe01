<?php

declare(strict_types=1);

use App\Http\Controllers\Survey\CircuitController;
use App\Http\Controllers\Survey\JobRulesController;
use App\Http\Controllers\Survey\LikeJobController;
use App\Http\Controllers\Survey\PanelController;
use App\Http\Controllers\Survey\ScheduleController;
use App\Http\Controllers\Survey\ServiceController;
use App\Http\Controllers\Survey\SurveyController;
use Illuminate\Support\Facades\Route;

/* What is there. */

Route::post('/panels', [PanelController::class, 'store'])->name('panels.store');
Route::post('/panels/first', [PanelController::class, 'first'])->name('panels.first');
Route::post('/like', LikeJobController::class)->name('like.into');
Route::patch('/panels/{panel}', [PanelController::class, 'update'])->name('panels.update');
Route::delete('/panels/{panel}', [PanelController::class, 'destroy'])->name('panels.destroy');
Route::get('/schedule', [ScheduleController::class, 'create'])->name('schedule.create');
Route::post('/schedule', [ScheduleController::class, 'read'])->middleware('throttle:imports')->name('schedule.read');
Route::post('/schedule/take', [ScheduleController::class, 'take'])->name('schedule.take');
Route::get('/schedule.csv', [ScheduleController::class, 'export'])->name('schedule.export');
Route::post('/circuits', [CircuitController::class, 'store'])->name('circuits.store');
Route::patch('/circuits/{circuit}', [CircuitController::class, 'update'])->name('circuits.update');
Route::patch('/circuits/{circuit}/role', [CircuitController::class, 'role'])->name('circuits.role');
Route::patch('/circuits/{circuit}/move', [CircuitController::class, 'move'])->name('circuits.move');
Route::delete('/circuits/{circuit}', [CircuitController::class, 'destroy'])->name('circuits.destroy');
Route::get('/rules', [JobRulesController::class, 'show'])->name('rules');
Route::put('/rules', [JobRulesController::class, 'update'])->name('rules.update');
Route::put('/existing', [SurveyController::class, 'existing'])->name('existing');
Route::put('/existing/none', [SurveyController::class, 'noneExisting'])->name('existing.none');
Route::put('/site', [SurveyController::class, 'site'])->name('site');
Route::put('/service', [ServiceController::class, 'place'])->name('service');
Route::put('/service/other-source', [ServiceController::class, 'otherSource'])->name('other-source');
Route::post('/service/disconnects', [ServiceController::class, 'store'])->name('disconnects.store');
Route::patch('/service/disconnects/{disconnect}', [ServiceController::class, 'update'])->name('disconnects.update');
Route::delete('/service/disconnects/{disconnect}', [ServiceController::class, 'destroy'])->name('disconnects.destroy');
