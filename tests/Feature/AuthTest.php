<?php

declare(strict_types=1);

use App\Notifications\ResetPassword;
use App\Notifications\SendResetLink;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Queue;

it('shows a guest nothing but the door', function (string $path) {
    $this->get($path)->assertRedirect('/sign-in');
})->with(['/', '/account', '/catalogue', '/jobs/1/survey', '/jobs/1/job.json', '/find?q=x']);

it('signs in, remembers and signs out', function () {
    $user = $this->person();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password', 'remember' => '1'])->assertRedirect('/');
    $this->assertAuthenticatedAs($user);
    expect($user->refresh()->getRememberToken())->not->toBeNull();
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('keeps passwords hashed', function () {
    $user = $this->person();
    expect($user->password)->not->toBe('a-long-password')->and(Hash::check('a-long-password', $user->password))->toBeTrue();
});

it('lets nobody guess on and on', function () {
    $user = $this->person();
    for ($try = 1; $try <= 5; $try++) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
    }
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password'])
        ->assertStatus(429)->assertHeader('Retry-After')->assertSee('Too many tries. Wait')->assertSee($user->email);
    $this->assertGuest();
    $this->travel(61)->seconds();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password'])->assertRedirect('/');
});

it('takes an address for the account that the database takes it for, wherever it is asked from', function () {
    $user = $this->person();
    $spellings = ['ada@one.example', 'ADA@one.example', 'ádá@one.example', 'ada@one.example ', 'ａda@one.example'];
    foreach ($spellings as $n => $spelling) {
        $this->withServerVariables(['REMOTE_ADDR' => "203.0.113.$n"])->post('/sign-in', ['email' => $spelling, 'password' => 'wrong']);
    }
    $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.99'])
        ->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertStatus(429);
    $this->post('/sign-in', ['email' => 'bo@one.example', 'password' => 'wrong'])->assertStatus(302);
});

it('counts the tries of one address at whatever is asked for, also at what is no address', function (array $about) {
    $this->person();
    for ($try = 0; $try < 10; $try++) {
        $this->withServerVariables(['REMOTE_ADDR' => $about[$try % count($about)]])
            ->post('/sign-in', [['email' => "nobody$try@one.example", 'password' => 'x'], ['email' => ['a']], []][$try % 3])
            ->assertStatus(302);
    }
    $this->withServerVariables(['REMOTE_ADDR' => $about[0]])->post('/sign-in', ['email' => 'else@one.example'])->assertStatus(429);
    $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.7'])->post('/sign-in', ['email' => 'else@one.example'])->assertStatus(302);
})->with([
    'by the old form' => [['203.0.113.5']],
    'by one network of the new' => [['2001:db8:1:2::1', '2001:db8:1:2:ffff::9']],
]);

it('refuses, and does not break, when so many try at once that no turn comes', function () {
    $this->person();
    Cache::partialMock()->shouldReceive('lock')->andThrow(new LockTimeoutException);
    $this->post('/sign-in', ['email' => 'ada@one.example', 'password' => 'a-long-password'])
        ->assertStatus(429)->assertSee('Wait 5 seconds');
    $this->assertGuest();
});

it('does not count a sign-in that was right', function () {
    $user = $this->person();
    for ($try = 1; $try <= 12; $try++) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password'])->assertRedirect('/');
        $this->post('/sign-out');
    }
});

it('lets nobody guess the password at an open page', function () {
    $user = $this->person();
    $change = fn (string $now) => $this->actingAs($user)->put(
        '/account/password', ['current_password' => $now, 'password' => 'brand-new-word', 'password_confirmation' => 'brand-new-word'],
    );
    for ($try = 1; $try <= 5; $try++) {
        $change('wrong')->assertSessionHasErrors('current_password');
    }
    $change('a-long-password')->assertStatus(429)->assertSee('seconds, then try again');
    expect(Hash::check('a-long-password', $user->refresh()->password))->toBeTrue();
});

it('works as long for who is not here as for who is', function () {
    $user = $this->person();
    $times = 0;
    foreach (['make', 'check'] as $of) {
        Hash::partialMock()->shouldReceive($of)->andReturnUsing(function () use (&$times) {
            $times++;

            return false;
        });
    }
    $work = function (string $email) use (&$times): int {
        $times = 0;
        $this->post('/sign-in', ['email' => $email, 'password' => 'wrong']);

        return $times;
    };
    expect($work('nobody@one.example'))->toBe(1)->and($work($user->email))->toBe(1);
});

it('leaves the mail to the queue, so that its time tells nothing', function () {
    Queue::fake();
    $user = $this->person();
    $this->post('/forgotten-password', ['email' => $user->email]);
    $this->post('/forgotten-password', ['email' => 'nobody@one.example']);
    Queue::assertPushed(SendResetLink::class, 2);
});

it('gives the way back in by mail, without telling who is known', function () {
    Notification::fake();
    $user = $this->person();
    $known = $this->post('/forgotten-password', ['email' => $user->email])->assertSessionHas('status');
    $unknown = $this->post('/forgotten-password', ['email' => 'nobody@one.example'])->assertSessionHas('status');
    expect($known->getSession()->get('status'))->toBe($unknown->getSession()->get('status'));
    $link = '';
    Notification::assertSentTo($user, ResetPassword::class, function (ResetPassword $mail) use ($user, &$link) {
        $link = (string) $mail->toMail($user)->viewData['url'];

        return true;
    });
    $this->get($link)->assertOk();
    $token = basename((string) parse_url($link, PHP_URL_PATH));
    $this->post(
        '/new-password', ['token' => $token, 'email' => $user->email, 'password' => 'short', 'password_confirmation' => 'short'],
    )->assertSessionHasErrors('password');
    $this->post(
        '/new-password',
        ['token' => $token, 'email' => $user->email, 'password' => 'another-long-one', 'password_confirmation' => 'another-long-one'],
    )->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'another-long-one'])->assertRedirect('/');
});

it('writes that mail as plain text to the stand-in', function () {
    $user = $this->person();
    config(['mail.default' => 'array']);
    $user->sendPasswordResetNotification('token-x');
    $mail = app('mailer')->getSymfonyTransport()->messages()[0]->getOriginalMessage();
    expect($mail->getTextBody())->toContain('/new-password/token-x?email=ada%40one.example')
        ->and($mail->getHtmlBody())->toBeNull()
        ->and($mail->getSubject())->toContain('new password');
});

it('changes the password only for who knows the old one', function () {
    $user = $this->person();
    $this->actingAs($user)->put(
        '/account/password', ['current_password' => 'wrong', 'password' => 'brand-new-word', 'password_confirmation' => 'brand-new-word'],
    )->assertSessionHasErrors('current_password');
    $this->actingAs($user)->put(
        '/account/password',
        ['current_password' => 'a-long-password', 'password' => 'brand-new-word', 'password_confirmation' => 'brand-new-word'],
    )->assertSessionHasNoErrors();
    expect(Hash::check('brand-new-word', $user->refresh()->password))->toBeTrue();
});

it('guards every answer with strict headers', function (string $path) {
    $response = $this->get($path);
    expect(
        $response->headers->get('Content-Security-Policy')
    )->toContain("default-src 'none'")->toContain("script-src 'self';")->not->toContain('unsafe');
    $response->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
})->with(['/sign-in', '/nowhere', '/']);
