<?php

declare(strict_types=1);

use App\Http\Controllers\Price\PartsController;
use Illuminate\Support\Facades\Route;

/* What is ordered. */

Route::get('/parts.csv', PartsController::class)->name('parts');
