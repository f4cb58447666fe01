<?php

declare(strict_types=1);

use App\Http\Controllers\Place\AroundController;
use App\Http\Controllers\Place\BuildingController;
use App\Http\Controllers\Place\FuelKeptController;
use App\Http\Controllers\Place\FurtherMachineController;
use App\Http\Controllers\Place\ItemController;
use App\Http\Controllers\Place\OpeningController;
use App\Http\Controllers\Place\SpotController;
use App\Http\Controllers\Place\WayController;
use Illuminate\Support\Facades\Route;

/* Where the machine stands. */

Route::put('/place/building', [BuildingController::class, 'store'])->name('place.building');
Route::delete('/place/building', [BuildingController::class, 'destroy'])->name('place.building.destroy');
Route::put('/place/opening', [OpeningController::class, 'store'])->name('place.opening');
Route::delete('/place/opening', [OpeningController::class, 'destroy'])->name('place.opening.destroy');
Route::put('/place/item', [ItemController::class, 'store'])->name('place.item');
Route::delete('/place/item', [ItemController::class, 'destroy'])->name('place.item.destroy');
Route::put('/place/nothing-else', [ItemController::class, 'none'])->name('place.none');
Route::put('/place/around', AroundController::class)->name('place.around');
Route::put('/place/way', WayController::class)->name('place.way');
Route::put('/place/machine', [SpotController::class, 'store'])->name('place.machine');
Route::patch('/place/machine', [SpotController::class, 'move'])->name('place.move');
Route::put('/place/further', [FurtherMachineController::class, 'store'])->name('place.further');
Route::delete('/place/further', [FurtherMachineController::class, 'destroy'])->name('place.further.destroy');
Route::put('/fuel', [FuelKeptController::class, 'store'])->name('fuel');
Route::put('/fuel/appliance', [FuelKeptController::class, 'appliance'])->name('fuel.appliance');
Route::delete('/fuel/appliance', [FuelKeptController::class, 'destroy'])->name('fuel.appliance.destroy');
Route::get('/place/look', [SpotController::class, 'look'])->name('place.look');
