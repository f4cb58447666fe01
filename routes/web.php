<?php

declare(strict_types=1);

use App\Http\Controllers\Auth\ForgottenPasswordController;
use App\Http\Controllers\Auth\InvitationController;
use App\Http\Controllers\Auth\NewPasswordController;
use App\Http\Controllers\Auth\SecondStepController;
use App\Http\Controllers\Auth\SessionController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HelpPictureController;
use App\Http\Controllers\Jobs\FindController;
use App\Http\Controllers\Jobs\JobController;
use App\Http\Controllers\Jobs\JobFileController;
use App\Http\Controllers\Jobs\RemovedJobsController;
use App\Http\Controllers\Keep\MailsController;
use App\Http\Controllers\Run\RehearseController;
use App\Http\Controllers\Shop\AccountController;
use App\Http\Controllers\Shop\CatalogueController;
use App\Http\Controllers\Shop\CellsController;
use App\Http\Controllers\Shop\FeedController;
use App\Http\Controllers\Shop\LibraryLoadController;
use App\Http\Controllers\Shop\MachineController;
use App\Http\Controllers\Shop\PeopleController;
use App\Http\Controllers\Shop\PriceBookController;
use App\Http\Controllers\Shop\RuleProfileController;
use App\Http\Controllers\Shop\ShopHistoryController;
use App\Http\Controllers\Shop\ShopSheetController;
use App\Http\Controllers\Shop\TwoStepsController;
use App\Http\Controllers\Work\LineController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('/sign-in', [SessionController::class, 'store'])->name('login.store');
    Route::get('/sign-in/code', [SecondStepController::class, 'create'])->name('login.code');
    Route::post('/sign-in/code', [SecondStepController::class, 'store'])->name('login.code.store');
    Route::get('/invitation/{token}', [InvitationController::class, 'show'])->middleware('throttle:30,1,invitation')->name('invitation');
    Route::post('/invitation/{token}', [InvitationController::class, 'store'])
        ->middleware('throttle:10,1,invitation.accept')->name('invitation.accept');
    Route::get('/forgotten-password', [ForgottenPasswordController::class, 'create'])->name('password.request');
    Route::post('/forgotten-password', [ForgottenPasswordController::class, 'store'])
        ->middleware('throttle:6,1,password.email')->name('password.email');
    Route::get('/new-password/{token}', [NewPasswordController::class, 'create'])->name('password.reset');
    Route::post('/new-password', [NewPasswordController::class, 'store'])
        ->middleware('throttle:6,1,password.store')->name('password.store');
});

// A calendar signs in nowhere: who has the address reads the dates.
Route::get('/feed/{token}.ics', [FeedController::class, 'show'])->where('token', '[A-Za-z0-9]{48}')->middleware('throttle:60,1,feed')
    ->name('feed');

// Somebody of the house rehearses without an account: the link opens this house, expires, and can be ended.
Route::get('/rehearse/{token}', [RehearseController::class, 'show'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:60,1,rehearse')
    ->name('rehearse');
Route::post('/rehearse/{token}', [RehearseController::class, 'throw'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:300,1,rehearse.throw')->name('rehearse.throw');
Route::post('/rehearse/{token}/finish', [RehearseController::class, 'finish'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:10,1,rehearse.finish')->name('rehearse.finish');

// A customer has no account: the key of the mail ends the mails of one job, and opens nothing else.
Route::get('/mails/{key}', [MailsController::class, 'show'])->where('key', '[A-Za-z0-9]{40}')
    ->middleware('throttle:30,1,mails')->name('mails');
Route::post('/mails/{key}', [MailsController::class, 'stop'])->where('key',
    '[A-Za-z0-9]{40}')->middleware('throttle:10,1,mails.stop')->name('mails.stop');

Route::middleware(['auth', 'auth.session'])->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('logout');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::put('/account', [AccountController::class, 'update'])->name('account.update');
    Route::put('/account/feed', [FeedController::class, 'renew'])->name('account.feed');
    Route::delete('/account/feed', [FeedController::class, 'end'])->name('account.feed.end');
    Route::put('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::delete('/account/devices', [AccountController::class, 'endOtherDevices'])->name('account.devices.end');
    Route::delete('/account/devices/{device}', [AccountController::class, 'endDevice'])->name('account.device.end');
    Route::get('/account/two-steps', [TwoStepsController::class, 'create'])->name('two-steps');
    Route::post('/account/two-steps', [TwoStepsController::class, 'store'])->name('two-steps.store');
    Route::put('/account/two-steps', [TwoStepsController::class, 'renew'])->name('two-steps.renew');
    Route::delete('/account/two-steps', [TwoStepsController::class, 'destroy'])->name('two-steps.end');
    Route::get('/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/people', [PeopleController::class, 'invite'])->name('people.invite');
    Route::put('/people/shop', [PeopleController::class, 'shop'])->name('people.shop');
    Route::delete('/people/invitations/{invitation}', [PeopleController::class, 'withdraw'])
        ->whereNumber('invitation')->name('people.withdraw');
    Route::put('/people/{person}', [PeopleController::class, 'role'])->whereNumber('person')->name('people.role');
    Route::delete('/people/{person}', [PeopleController::class, 'remove'])->whereNumber('person')->name('people.remove');
    Route::delete('/people/{person}/devices', [PeopleController::class, 'signOut'])->whereNumber('person')->name('people.sign-out');

    Route::get('/catalogue', CatalogueController::class)->name('catalogue');
    Route::get('/machines/new', [MachineController::class, 'create'])->name('machines.create');
    Route::post('/machines', [MachineController::class, 'store'])->name('machines.store');
    Route::get('/machines/{machine}', [MachineController::class, 'edit'])->name('machines.edit');
    Route::put('/machines/{machine}', [MachineController::class, 'update'])->name('machines.update');
    Route::put('/machines/{machine}/retired', [MachineController::class, 'retire'])->name('machines.retire');
    Route::get('/shop/{thing}.csv', [ShopSheetController::class, 'export'])->name('shop.sheet');
    Route::post('/shop/{thing}/import', [ShopSheetController::class, 'import'])
        ->middleware('throttle:imports')->name('shop.sheet.import');
    Route::get('/prices', [PriceBookController::class, 'index'])->name('prices');
    Route::put('/prices/terms', [PriceBookController::class, 'terms'])->name('prices.terms');
    Route::put('/shop/cells', CellsController::class)->middleware('throttle:cells')->name('shop.cells');
    Route::get('/library/new', [LibraryLoadController::class, 'create'])->name('library.create');
    Route::post('/library', [LibraryLoadController::class, 'store'])->name('library.store');
    Route::get('/library/{load}', [LibraryLoadController::class, 'edit'])->whereNumber('load')->name('library.edit');
    Route::put('/library/{load}', [LibraryLoadController::class, 'update'])->whereNumber('load')->name('library.update');
    Route::post('/shop-history/{event}/take-back', ShopHistoryController::class)->whereNumber('event')->name('shop.take-back');
    Route::get('/find', FindController::class)->name('find');
    Route::get('/help', HelpController::class)->name('help');
    Route::get('/help/pictures/{picture}', HelpPictureController::class)->where('picture', '[a-z]+')->name('help.picture');
    Route::get('/line', LineController::class)->name('line');
    Route::get('/local-rules', [RuleProfileController::class, 'index'])->name('rules.index');
    Route::post('/local-rules', [RuleProfileController::class, 'store'])->name('rules.store');
    Route::get('/local-rules/new', [RuleProfileController::class, 'create'])->name('rules.create');
    Route::get('/local-rules/{profile}', [RuleProfileController::class, 'edit'])->name('rules.edit');
    Route::put('/local-rules/{profile}', [RuleProfileController::class, 'update'])->name('rules.update');

    Route::get('/', [JobController::class, 'index'])->name('jobs.index');
    Route::post('/jobs', [JobController::class, 'store'])->name('jobs.store');
    Route::post('/jobs/import', [JobFileController::class, 'import'])->middleware('throttle:imports')->name('jobs.import');
    Route::get('/removed', [RemovedJobsController::class, 'index'])->name('jobs.bin');
    Route::delete('/removed', [RemovedJobsController::class, 'empty'])->name('jobs.bin.empty');
    Route::post('/jobs/{id}/restore', [RemovedJobsController::class, 'restore'])->whereNumber('id')->name('jobs.restore');

    Route::prefix('/jobs/{job}')->whereNumber('job')->name('jobs.')->group(function (): void {
        foreach (['jobs', 'survey', 'loads', 'size', 'connect', 'wire', 'place', 'price', 'work', 'run', 'keep'] as $stage) {
            require __DIR__."/job/$stage.php";
        }
    });
});
