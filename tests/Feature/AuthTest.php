<?php

declare(strict_types=1);

use App\Models\User;
use App\Notifications\ResetPassword;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;

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
    $response = $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password'])->assertSessionHasErrors('email');
    expect($response->getSession()->get('errors')->first('email'))->toContain('Too many tries');
    $this->assertGuest();
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

it('adds people to the own shop only', function () {
    $user = $this->person();
    $this->actingAs($user)->post(
        '/account/people', ['new_name' => 'Bo', 'new_email' => 'bo@one.example', 'new_password' => 'a-long-password', 'shop_id' => 99],
    )->assertSessionHasNoErrors();
    expect(User::query()->where('email', 'bo@one.example')->firstOrFail()->shop_id)->toBe($user->shop_id);
});

it('guards every answer with strict headers', function (string $path) {
    $response = $this->get($path);
    expect(
        $response->headers->get('Content-Security-Policy')
    )->toContain("default-src 'none'")->toContain("script-src 'self';")->not->toContain('unsafe');
    $response->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
})->with(['/sign-in', '/nowhere', '/']);
