<?php

declare(strict_types=1);

use App\Models\Job;

it('refuses bytes that are no text at the forms of the account, by field, and keeps what was there', function (
    string $method, string $path, array $fields, string $field, string $label,
) {
    $user = $this->person();
    $this->actingAs($user)->call($method, $path, $fields)->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toStartWith("$label holds bytes that are no text (UTF-8): \"a?b")
        ->and($user->refresh()->name)->toBe('Ada')
        ->and($user->shop->users()->count())->toBe(1);
})->with([
    'a name' => ['PUT', '/account', ['name' => "a\xffb"], 'name', 'Name'],
    'a telephone' => ['PUT', '/people/shop', ['shop_phone' => "a\xffb"], 'shop_phone', 'Telephone of the shop'],
    'the name of somebody new' => [
        'POST', '/people', ['new_name' => "a\xffb", 'new_email' => 'bo@one.example', 'new_role' => 'apprentice'],
        'new_name', 'Name',
    ],
    'the address of somebody new' => [
        'POST', '/people', ['new_name' => 'Bo', 'new_email' => "a\xffb@one.example", 'new_role' => 'apprentice'],
        'new_email', 'Mail address',
    ],
]);

it('refuses them at the forms of the core too, in place of saving a question mark', function () {
    $this->actingAs($this->person())->post('/jobs', ['name' => "a\xffb"])
        ->assertSessionHasErrors('name');
    expect(session('errors')->first('name'))->toContain('holds bytes that are no text (UTF-8): "a?b"')
        ->and(Job::query()->count())->toBe(0);
});

it('refuses them at the door, without a fault of the server', function (string $path, array $fields) {
    $this->person();
    $this->post($path, $fields)->assertStatus(302)->assertSessionHasErrors('email');
})->with([
    'signing in' => ['/sign-in', ['email' => "a\xffb", 'password' => "\xff"]],
    'asking for a link' => ['/forgotten-password', ['email' => "a\xff@one.example"]],
    'a new password' => ['/new-password', ['token' => "\xff", 'email' => "a\xff@one.example", 'password' => 'a-long-password']],
]);
