<?php

declare(strict_types=1);

use App\Http\Controllers\Wire\LengthController;
use App\Http\Controllers\Wire\WireController;
use Illuminate\Support\Facades\Route;

/* From the machine to the panel. */

Route::put('/wire', WireController::class)->name('wire');
Route::put('/length', LengthController::class)->name('length');
