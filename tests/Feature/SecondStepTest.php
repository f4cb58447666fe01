<?php

declare(strict_types=1);

use App\Access\SecondStep;
use App\Access\TimeCode;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;

const KEY = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ'; // "12345678901234567890"

/** The code that a device with the key shows now. */
function shown(int $stepsFromNow = 0): string
{
    return TimeCode::ofText(KEY)->at(TimeCode::stepAt(time()) + $stepsFromNow);
}

/** @return list<string> recovery codes of somebody who has it turned on */
function turnedOn(User $user): array
{
    $codes = SecondStep::begin($user, KEY, shown(-1));
    expect($codes)->not->toBeNull();

    return $codes;
}

function password(object $test, User $user): Illuminate\Testing\TestResponse
{
    return $test->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password']);
}

it('shows the codes of RFC 6238, appendix B', function (int $time, string $code) {
    expect(TimeCode::ofText(KEY)->at(TimeCode::stepAt($time)))->toBe($code);
})->with([
    [59, '287082'], [1111111109, '081804'], [1111111111, '050471'], [1234567890, '005924'], [2000000000, '279037'], [20000000000, '353130'],
]);

it('takes a clock that is half a minute off, each step once, and nothing else', function () {
    $code = TimeCode::ofText(KEY);
    $step = TimeCode::stepAt(1111111111);
    foreach ([-1, 0, 1] as $off) {
        expect($code->stepOf($code->at($step + $off), 1111111111, 0))->toBe($step + $off)
            ->and($code->stepOf($code->at($step + $off), 1111111111, $step + $off))->toBeNull();
    }
    foreach ([-2, 2] as $off) {
        expect($code->stepOf($code->at($step + $off), 1111111111, 0))->toBeNull();
    }
    expect($code->stepOf('', 1111111111, 0))->toBeNull()
        ->and(TimeCode::newSecret())->toMatch('/^[A-Z2-7]{32}$/')->not->toBe(TimeCode::newSecret());
});

it('asks for the code after the password, and lets nobody in before it', function () {
    $user = $this->person();
    turnedOn($user);
    password($this, $user)->assertRedirect('/sign-in/code');
    $this->assertGuest();
    $this->get('/')->assertRedirect('/sign-in');
    $this->get('/sign-in/code')->assertOk();
    $this->post('/sign-in/code', ['code' => '000000'])->assertSessionHasErrors('code');
    $this->assertGuest();
    $code = shown();
    $this->post('/sign-in/code', ['code' => substr($code, 0, 3).' '.substr($code, 3)])->assertRedirect('/');
    $this->assertAuthenticatedAs($user);
});

it('takes no code twice', function () {
    $user = $this->person();
    turnedOn($user);
    $code = shown();
    expect(SecondStep::takes($user, $code))->toBeTrue()->and(SecondStep::takes($user, $code))->toBeFalse();
});

it('takes each recovery code once, however it is typed', function () {
    $user = $this->person();
    [$first, $second] = turnedOn($user);
    password($this, $user);
    $this->post('/sign-in/code', ['code' => strtolower(str_replace('-', ' ', $first))])->assertRedirect('/');
    $this->post('/sign-out');
    expect(SecondStep::takes($user, $first))->toBeFalse()
        ->and($user->refresh()->recovery_codes)->toHaveCount(7)
        ->and(json_encode($user->recovery_codes))->not->toContain(str_replace('-', '', $second))
        ->and(SecondStep::takes($user, $second))->toBeTrue();
});

it('lets nobody try on and on, and waits five minutes at most', function () {
    $user = $this->person();
    turnedOn($user);
    password($this, $user);
    for ($try = 1; $try <= 4; $try++) {
        $this->post('/sign-in/code', ['code' => '000000'])->assertSessionHasErrors('code');
    }
    $this->post('/sign-in/code', ['code' => shown()])->assertStatus(429)->assertSee('Too many tries');
    $this->travel(301)->seconds();
    $this->post('/sign-in/code', ['code' => shown()])->assertRedirect('/sign-in');
    $this->get('/sign-in/code')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('is turned on by a device that knows the key, and the password', function () {
    $user = $this->person();
    $this->actingAs($user)->get('/account/two-steps')->assertOk();
    $secret = (string) session('second-step-secret');
    $now = TimeCode::ofText($secret)->at(TimeCode::stepAt(time()));
    $send = fn (string $code, string $password) => $this->post('/account/two-steps', ['code' => $code, 'current_password' => $password]);
    $send($now, 'wrong')->assertSessionHasErrors('current_password');
    $send('000000', 'a-long-password')->assertSessionHasErrors('code');
    expect($user->refresh()->hasSecondStep())->toBeFalse();
    $page = $send($now, 'a-long-password')->assertOk();
    expect(preg_match_all('/<code>([A-Z2-7]{4}-[A-Z2-7]{4})<\/code>/', $page->getContent(), $codes))->toBe(8)
        ->and($user->refresh()->hasSecondStep())->toBeTrue()
        ->and($user->second_step_secret)->toBe($secret)
        ->and((string) $user->getRawOriginal('second_step_secret'))->not->toContain($secret)
        ->and(SecondStep::takes($user, $codes[1][7]))->toBeTrue();
});

it('is turned off and given new codes with the password only', function () {
    $user = $this->person();
    [$old] = turnedOn($user);
    $this->actingAs($user)->put('/account/two-steps', ['current_password' => 'wrong'])->assertSessionHasErrors('current_password');
    $page = $this->put('/account/two-steps', ['current_password' => 'a-long-password'])->assertOk();
    preg_match('/<code>(.+?)<\/code>/', $page->getContent(), $new);
    expect(SecondStep::takes($user, $old))->toBeFalse()->and(SecondStep::takes($user, $new[1]))->toBeTrue();
    $this->delete('/account/two-steps', ['current_password' => 'wrong'])->assertSessionHasErrors('current_password');
    expect($user->refresh()->hasSecondStep())->toBeTrue();
    $this->delete('/account/two-steps', ['current_password' => 'a-long-password'])->assertRedirect('/account');
    expect($user->refresh()->hasSecondStep())->toBeFalse()->and(SecondStep::takes($user, shown(1)))->toBeFalse();
});

it('is turned off at the server for who has lost everything', function () {
    $user = $this->person();
    expect(Artisan::call('underpin:second-step-off', ['email' => $user->email]))->toBe(1);
    turnedOn($user);
    expect(Artisan::call('underpin:second-step-off', ['email' => 'nobody@one.example']))->toBe(1)
        ->and($user->refresh()->hasSecondStep())->toBeTrue()
        ->and(Artisan::call('underpin:second-step-off', ['email' => $user->email]))->toBe(0)
        ->and($user->refresh()->hasSecondStep())->toBeFalse();
});
