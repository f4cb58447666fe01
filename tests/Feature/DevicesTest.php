<?php

declare(strict_types=1);

use App\Access\Device;
use App\Access\Devices;
use App\Access\PersonRole;
use App\Models\User;
use Illuminate\Support\Facades\DB;

const AGENT = 'Browser/1.0 (Linux; Mobile)';

beforeEach(function (): void {
    config(['session.driver' => 'database']);
    $this->user = $this->person();
});

/** Another browser, or the same one a moment later: nothing of the last request is left. */
function anew(object $test): object
{
    app('session')->forgetDrivers();
    array_map(app()->forgetInstance(...), ['session.store', 'redirect', 'auth.driver']);
    app('auth')->forgetGuards();

    return $test->flushHeaders()->withHeader('User-Agent', AGENT);
}

/** @return array<string, string> the cookies of a browser that has signed in */
function signedIn(object $test, User $user, bool $remember = false): array
{
    $answer = asks(
        $test, [], 'POST', '/sign-in', ['email' => $user->email, 'password' => 'a-long-password'] + ($remember ? ['remember' => '1'] : []),
    )->assertRedirect('/');
    $cookies = [];
    foreach ($answer->headers->getCookies() as $cookie) {
        $cookies[$cookie->getName()] = (string) $answer->getCookie($cookie->getName(), $cookie->getName() !== 'XSRF-TOKEN')?->getValue();
    }

    return $cookies;
}

function asks(
    object $test, array $cookies, string $method = 'GET', string $path = '/account', array $fields = [],
): Illuminate\Testing\TestResponse {
    $test = anew($test);
    (fn () => $this->defaultCookies = $cookies)->call($test);

    return $test->{strtolower($method)}($path, $fields);
}

it('keeps a row for each browser, sealed, and lists them', function () {
    $one = signedIn($this, $this->user);
    $two = signedIn($this, $this->user);
    expect(DB::table('sessions')->where('user_id', $this->user->id)->count())->toBe(2)
        ->and(DB::table('sessions')->where('user_id', $this->user->id)->value('payload'))->not->toContain(base64_encode('login_web'));
    $page = asks($this, $one)->assertOk()->assertSee('here, now')->assertSee('A phone')->getContent();
    expect(substr_count($page, 'Sign out there'))->toBe(1)->and($page)->not->toContain($one['underpin_session'])
        ->and($page)->not->toContain($two['underpin_session']);
});

it('signs out one, also where somebody stays signed in, and no other', function () {
    $here = signedIn($this, $this->user);
    $there = signedIn($this, $this->user, true);
    preg_match('~/account/devices/([0-9a-f]+)"~', asks($this, $here)->getContent(), $found);
    asks($this, $here, 'DELETE', "/account/devices/$found[1]")->assertRedirect('/account');
    asks($this, $there)->assertRedirect('/sign-in');
    asks($this, $here)->assertOk();
    asks($this, $here, 'DELETE', "/account/devices/$found[1]")->assertSessionHasErrors('device');
});

it('signs out everywhere else', function () {
    $here = signedIn($this, $this->user);
    $others = [signedIn($this, $this->user), signedIn($this, $this->user, true)];
    asks($this, $here, 'DELETE', '/account/devices')->assertRedirect('/account');
    foreach ($others as $there) {
        asks($this, $there)->assertRedirect('/sign-in');
    }
    asks($this, $here)->assertOk();
});

it('signs out every other device when the password is another', function () {
    $here = signedIn($this, $this->user);
    $there = signedIn($this, $this->user, true);
    $new = ['password' => 'walnut ferry oboe', 'password_confirmation' => 'walnut ferry oboe'];
    asks($this, $here, 'PUT', '/account/password', ['current_password' => 'a-long-password'] + $new)->assertSessionHasNoErrors();
    asks($this, $there)->assertRedirect('/sign-in');
});

it('ends no device of somebody else', function () {
    $bo = $this->person('bo@one.example', $this->user->shop, PersonRole::Electrician);
    $of = signedIn($this, $bo);
    $name = Devices::of($bo, '')[0]->name;
    asks($this, signedIn($this, $this->user), 'DELETE', "/account/devices/$name")->assertSessionHasErrors('device');
    asks($this, $of)->assertOk();
});

it('lets the owner end those of somebody of the shop', function () {
    $bo = $this->person('bo@one.example', $this->user->shop, PersonRole::Electrician);
    $of = signedIn($this, $bo, true);
    asks($this, signedIn($this, $this->user), 'DELETE', "/people/$bo->id/devices")->assertRedirect('/people');
    asks($this, $of)->assertRedirect('/sign-in');
});

it('shuts out who was taken out, at the next request', function () {
    $bo = $this->person('bo@one.example', $this->user->shop, PersonRole::Electrician);
    $of = signedIn($this, $bo, true);
    asks($this, signedIn($this, $this->user), 'DELETE', "/people/$bo->id", ['sure' => '1'])->assertRedirect('/people');
    asks($this, $of)->assertRedirect('/sign-in');
});

it('names a device in a word', function (string $agent, string $words) {
    expect(Device::words($agent))->toBe($words);
})->with([['', 'an unknown device'], [AGENT, 'a phone'], ['X (Tablet; rv)', 'a tablet'], ['X (X11; Linux)', 'a computer']]);
