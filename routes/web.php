<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\Auth\ForgottenPasswordController;
use App\Http\Controllers\Auth\NewPasswordController;
use App\Http\Controllers\Auth\SessionController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CircuitController;
use App\Http\Controllers\DemandController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\IntervalController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JobRulesController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LibraryLoadController;
use App\Http\Controllers\LoadController;
use App\Http\Controllers\MeasuredController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\PanelController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PickController;
use App\Http\Controllers\RecordingController;
use App\Http\Controllers\RuleProfileController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\ServiceController;
use App\Http\Controllers\ShopHistoryController;
use App\Http\Controllers\StageController;
use App\Http\Controllers\SurveyController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('/sign-in', [SessionController::class, 'store'])->name('login.store');
    Route::get('/forgotten-password', [ForgottenPasswordController::class, 'create'])->name('password.request');
    Route::post('/forgotten-password', [ForgottenPasswordController::class, 'store'])->middleware('throttle:6,1')->name('password.email');
    Route::get('/new-password/{token}', [NewPasswordController::class, 'create'])->name('password.reset');
    Route::post('/new-password', [NewPasswordController::class, 'store'])->middleware('throttle:6,1')->name('password.store');
});

Route::middleware(['auth', 'auth.session'])->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('logout');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::put('/account', [AccountController::class, 'update'])->name('account.update');
    Route::put('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::post('/account/people', [AccountController::class, 'invite'])->name('account.invite');

    Route::get('/catalogue', CatalogueController::class)->name('catalogue');
    Route::get('/library/new', [LibraryLoadController::class, 'create'])->name('library.create');
    Route::post('/library', [LibraryLoadController::class, 'store'])->name('library.store');
    Route::get('/library/{load}', [LibraryLoadController::class, 'edit'])->whereNumber('load')->name('library.edit');
    Route::put('/library/{load}', [LibraryLoadController::class, 'update'])->whereNumber('load')->name('library.update');
    Route::post('/shop-history/{event}/take-back', ShopHistoryController::class)->whereNumber('event')->name('shop.take-back');
    Route::get('/find', FindController::class)->name('find');
    Route::get('/local-rules', [RuleProfileController::class, 'index'])->name('rules.index');
    Route::post('/local-rules', [RuleProfileController::class, 'store'])->name('rules.store');
    Route::get('/local-rules/new', [RuleProfileController::class, 'create'])->name('rules.create');
    Route::get('/local-rules/{profile}', [RuleProfileController::class, 'edit'])->name('rules.edit');
    Route::put('/local-rules/{profile}', [RuleProfileController::class, 'update'])->name('rules.update');

    Route::get('/', [JobController::class, 'index'])->name('jobs.index');
    Route::post('/jobs', [JobController::class, 'store'])->name('jobs.store');
    Route::post('/jobs/import', [JobFileController::class, 'import'])->name('jobs.import');
    Route::post('/jobs/{id}/restore', [JobController::class, 'restore'])->whereNumber('id')->name('jobs.restore');

    Route::prefix('/jobs/{job}')->whereNumber('job')->name('jobs.')->group(function (): void {
        Route::get('/', [JobController::class, 'show'])->name('show');
        Route::patch('/', [JobController::class, 'update'])->name('update');
        Route::delete('/', [JobController::class, 'destroy'])->name('destroy');
        Route::get('/job.json', [JobFileController::class, 'export'])->name('export');
        Route::post('/undo', [HistoryController::class, 'undo'])->name('undo');
        Route::post('/redo', [HistoryController::class, 'redo'])->name('redo');

        Route::post('/panels', [PanelController::class, 'store'])->name('panels.store');
        Route::patch('/panels/{panel}', [PanelController::class, 'update'])->name('panels.update');
        Route::delete('/panels/{panel}', [PanelController::class, 'destroy'])->name('panels.destroy');

        Route::get('/schedule', [ScheduleController::class, 'create'])->name('schedule.create');
        Route::post('/schedule', [ScheduleController::class, 'read'])->name('schedule.read');
        Route::post('/schedule/take', [ScheduleController::class, 'take'])->name('schedule.take');
        Route::get('/schedule.csv', [ScheduleController::class, 'export'])->name('schedule.export');

        Route::post('/circuits', [CircuitController::class, 'store'])->name('circuits.store');
        Route::patch('/circuits/{circuit}', [CircuitController::class, 'update'])->name('circuits.update');
        Route::patch('/circuits/{circuit}/role', [CircuitController::class, 'role'])->name('circuits.role');
        Route::patch('/circuits/{circuit}/move', [CircuitController::class, 'move'])->name('circuits.move');
        Route::delete('/circuits/{circuit}', [CircuitController::class, 'destroy'])->name('circuits.destroy');
        Route::post('/circuits/{circuit}/loads', [LoadController::class, 'store'])->name('loads.store');
        Route::post('/circuits/{circuit}/nameplate', [LoadController::class, 'nameplate'])->name('loads.nameplate');
        Route::patch('/loads/{load}', [LoadController::class, 'update'])->name('loads.update');
        Route::delete('/loads/{load}', [LoadController::class, 'destroy'])->name('loads.destroy');
        Route::get('/library', LibraryController::class)->name('library');

        Route::get('/rules', [JobRulesController::class, 'show'])->name('rules');
        Route::put('/rules', [JobRulesController::class, 'update'])->name('rules.update');
        Route::put('/existing', [SurveyController::class, 'existing'])->name('existing');
        Route::put('/site', [SurveyController::class, 'site'])->name('site');
        Route::put('/service', [ServiceController::class, 'place'])->name('service');
        Route::post('/service/disconnects', [ServiceController::class, 'store'])->name('disconnects.store');
        Route::patch('/service/disconnects/{disconnect}', [ServiceController::class, 'update'])->name('disconnects.update');
        Route::delete('/service/disconnects/{disconnect}', [ServiceController::class, 'destroy'])->name('disconnects.destroy');
        Route::get('/demand', [DemandController::class, 'show'])->name('demand');
        Route::put('/demand', [DemandController::class, 'update'])->name('demand.update');

        Route::get('/meter', [MeterController::class, 'show'])->name('meter');
        Route::put('/meter', [MeterController::class, 'update'])->name('meter.update');
        Route::put('/meter/switch', [MeterController::class, 'switch'])->name('meter.switch');
        Route::get('/meter/readings', [MeterController::class, 'readings'])->name('meter.readings');
        Route::get('/recordings', [RecordingController::class, 'index'])->name('recordings');
        Route::post('/recordings', [RecordingController::class, 'store'])->name('recordings.store');
        Route::post('/recordings/import', [RecordingController::class, 'import'])->name('recordings.import');
        Route::get('/recordings/{recording}', [RecordingController::class, 'show'])->name('recordings.show');
        Route::put('/recordings/{recording}', [RecordingController::class, 'update'])->name('recordings.update');
        Route::delete('/recordings/{recording}', [RecordingController::class, 'destroy'])->name('recordings.destroy');
        Route::post('/recordings/{recording}/restore', [RecordingController::class, 'restore'])->name('recordings.restore');
        Route::post('/recordings/{recording}/stop', [RecordingController::class, 'stop'])->name('recordings.stop');
        Route::post('/recordings/{recording}/readings', [RecordingController::class, 'readings'])->name('recordings.readings');
        Route::post('/recordings/{recording}/marks', [RecordingController::class, 'mark'])->name('recordings.marks');
        Route::get('/recordings/{recording}/offers', [RecordingController::class, 'offers'])->name('recordings.offers');
        Route::get('/recordings/{recording}/readings.csv', [RecordingController::class, 'export'])->name('recordings.export');
        Route::put('/measured', [MeasuredController::class, 'update'])->name('measured');
        Route::delete('/measured', [MeasuredController::class, 'destroy'])->name('measured.destroy');

        Route::get('/intervals', [IntervalController::class, 'show'])->name('intervals');
        Route::post('/intervals', [IntervalController::class, 'store'])->name('intervals.store');
        Route::delete('/intervals', [IntervalController::class, 'destroy'])->name('intervals.destroy');
        Route::put('/intervals/peak', [IntervalController::class, 'peak'])->name('intervals.peak');
        Route::get('/runs/{run}', [RunController::class, 'show'])->whereNumber('run')->name('runs.show');
        Route::post('/runs/{run}/stop', [RunController::class, 'stop'])->whereNumber('run')->name('runs.stop');
        Route::post('/runs/{run}/again', [RunController::class, 'again'])->whereNumber('run')->name('runs.again');
        Route::get('/schools', [SchoolsController::class, 'show'])->name('schools');
        Route::put('/schools', [SchoolsController::class, 'update'])->name('schools.update');

        Route::put('/machine', [PickController::class, 'machine'])->name('machine');
        Route::put('/connection', [PickController::class, 'connection'])->name('connection');
        Route::put('/wire', [PickController::class, 'wire'])->name('wire');
        Route::put('/start-routine', [PickController::class, 'routine'])->name('routine');
        Route::put('/margin', [PickController::class, 'margin'])->name('margin');

        Route::post('/photos', [PhotoController::class, 'store'])->name('photos.store');
        Route::get('/photos/{photo}', [PhotoController::class, 'show'])->name('photos.show');
        Route::get('/photos/{photo}/small', [PhotoController::class, 'thumbnail'])->name('photos.thumbnail');
        Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->name('photos.destroy');

        Route::get('/card', [CardController::class, 'show'])->name('card');
        Route::get('/card.pdf', [CardController::class, 'pdf'])->name('card.pdf');
        Route::get('/{stage}', StageController::class)->name('stage');
    });
});
