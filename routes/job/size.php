<?php

declare(strict_types=1);

use App\Http\Controllers\Size\GeneratorController;
use Illuminate\Support\Facades\Route;

/* The machine. */

Route::put('/machine', [GeneratorController::class, 'machine'])->name('machine');
Route::put('/margin', [GeneratorController::class, 'margin'])->name('margin');
