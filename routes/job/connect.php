<?php

declare(strict_types=1);

use App\Http\Controllers\Connect\ConnectionController;
use App\Http\Controllers\Connect\MovesController;
use App\Http\Controllers\Connect\SettingController;
use App\Http\Controllers\Connect\ShedController;
use App\Http\Controllers\Connect\SwitchController;
use App\Http\Controllers\Connect\WayChoiceController;
use Illuminate\Support\Facades\Route;

/* How it connects. */

Route::put('/connection', ConnectionController::class)->name('connection');
Route::put('/connection/switch', [SwitchController::class, 'kind'])->name('switch');
Route::put('/connection/switch/place', [SwitchController::class, 'place'])->name('switch.place');
foreach (['fed_panel', 'single_circuit', 'switches_neutral', 'switch_meters', 'utility_fault_a', 'withstand_a', 'interrupt_a'] as $choice) {
    Route::put("/connection/choice/$choice", WayChoiceController::class)->defaults('choice', $choice)->name("connection.choice.$choice");
}
Route::put('/connection/shed', ShedController::class)->name('connection.shed');
Route::put('/connection/setting', SettingController::class)->name('connection.setting');
Route::put('/connection/moves', MovesController::class)->name('connection.moves');
