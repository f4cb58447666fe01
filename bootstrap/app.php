<?php

declare(strict_types=1);

use App\Database\Away;
use App\Http\Controllers\HealthController;
use App\Http\FormInput;
use App\Http\Middleware\BodyLimit;
use App\Http\Middleware\Once;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\RequestId;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Refusals;
use App\JobFile\Conflict;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Underpin\Refused;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        // Without a session: who watches asks often.
        then: fn () => Route::get('/up', HealthController::class)->middleware('throttle:60,1,up')->name('up'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // The app serves one origin only, and the package behind HandleCors is not installed.
        $middleware->remove(HandleCors::class);
        // After the proxies are known: it notes who asks.
        $middleware->append(RequestId::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(PlainInput::class);
        $middleware->prependToGroup('web', BodyLimit::class);
        $middleware->appendToGroup('web', Once::class);
        // Links in mails are made from the host that was asked: only our own may be asked.
        $middleware->trustHosts(
            at: fn (): array => array_map(
                fn (string $host): string => '^'.preg_quote($host).'$',
                ['127.0.0.1', 'localhost', (string) parse_url((string) config('app.url'), PHP_URL_HOST), ...config('app.trusted_hosts')],
            ),
            subdomains: false,
        );
        // Which of two themes a browser likes is no secret, and the page's script sets it.
        $middleware->encryptCookies(except: ['night', 'narrow']);
        $middleware->redirectGuestsTo(fn (): string => route('login'));
        $middleware->redirectUsersTo(fn (): string => route('jobs.index'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password', 'new_password']);
        // What the core refuses is a field of the form that was sent, or of the file.
        $exceptions->map(Refused::class, fn (Refused $refused) => FormInput::refusal([$refused]));
        $exceptions->dontReport(Conflict::class);
        Refusals::toLog($exceptions);
        // A page as it lies on the disk: the app's own pages ask the database who is signed in.
        $exceptions->render(fn (QueryException $fault) => Away::tells($fault)
            ? response((string) file_get_contents(public_path('unavailable.html')), 503, ['Retry-After' => '30'])
            : null);
        $exceptions->render(fn (ThrottleRequestsException $fault, Request $request) => $request->expectsJson() ? response()->json([
            'message' => 'Too much at once. Wait '.($fault->getHeaders()['Retry-After'] ?? 60).' seconds, then try again.',
        ], 429, $fault->getHeaders()) : null);
        $exceptions->render(fn (Conflict $conflict, Request $request) => response()->view('conflict', [
            'conflict' => $conflict, 'input' => $request->except(['_token', '_method', 'was']), 'action' => $request->url(),
            'method' => $request->method(),
        ], 409));
    })
    ->create();
