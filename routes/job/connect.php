<?php

declare(strict_types=1);

use App\Http\Controllers\Connect\ConnectionController;
use Illuminate\Support\Facades\Route;

/* How it connects. */

Route::put('/connection', ConnectionController::class)->name('connection');
