<?php

declare(strict_types=1);

use App\Access\NewPassword;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Hash;

$known = ['Nell Varga', 'nell@ridgeandharbor.example', 'Ridge and Harbor Electric'];

it('refuses what would be guessed first', function (string $word) use ($known) {
    expect((new NewPassword($known))->fault($word))->toContain('among the first guesses');
})->with([
    'password12', 'Password1234', 'P@ssw0rd2026', 'passwordpassword', '1234567890', '0987654321', 'qwertyuiop', 'qwertz123456',
    'zxcvbnmasdf', 'aaaaaaaaaa', 'ababababab', 'abcdefghij', 'iloveyou2026', 'letmein12345', 'Welcome2026!', 'generator123', 'breakerpanel',
    'electrician1', 'nellvarga1', 'Varga-2026-Nell', 'ridgeandharbor', 'harbor99999', 'underpin2026', 'summer2026!', 'changeme123',
    '1qaz2wsx3edc', 'xyxyxyxyxyxy',
    DatabaseSeeder::PASSWORD,
]);

it('takes what nobody thinks of', function (string $word) use ($known) {
    expect((new NewPassword($known))->fault($word))->toBeNull();
})->with([
    'walnut ferry oboe', 'tangled-moss-1903', 'k7#Vq9!mZp2x', 'pluvial gantry', 'žluťoučký kůň', 'harbor walnut 9', 'a-long-password',
]);

it('says how long it is and may be', function () {
    expect((new NewPassword)->fault('oboe wren'))->toBe('it has 9 characters; 10 are the least.')
        ->and((new NewPassword)->fault('oboe wrens'))->toBeNull()
        ->and((new NewPassword)->fault(str_repeat('oboe wren fjord tin ', 4)))->toContain('too long')
        ->and((new NewPassword)->fault("oboe wren fjord \xff"))->toContain('no text');
});

it('counts to the last character of the longest that it takes', function () {
    $longest = str_pad('walnut ferry oboe ', NewPassword::MOST_BYTES, 'quartz plum ');
    expect((new NewPassword)->fault($longest))->toBeNull()
        ->and((new NewPassword)->fault($longest.'x'))->not->toBeNull()
        ->and(Hash::check(substr($longest, 0, -1).'#', Hash::make($longest)))->toBeFalse();
});

it('stands at every way to a new password', function () {
    $user = $this->person();
    $plain = ['password' => 'password1234', 'password_confirmation' => 'password1234'];
    $this->actingAs($user)->put('/account/password', ['current_password' => 'a-long-password'] + $plain)
        ->assertSessionHasErrors('password');
    auth()->logout();
    $this->post('/new-password', ['token' => 'x', 'email' => $user->email] + $plain)->assertSessionHasErrors('password');
    expect(Hash::check('a-long-password', $user->refresh()->password))->toBeTrue();
});
