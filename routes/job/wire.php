<?php

declare(strict_types=1);

use App\Http\Controllers\Wire\WireController;
use Illuminate\Support\Facades\Route;

/* From the machine to the panel. */

Route::put('/wire', WireController::class)->name('wire');
