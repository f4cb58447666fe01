<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\Models\Invitation;
use App\Models\User;
use App\Notifications\SendInvitation;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    $this->owner = $this->person();
});

/** Invites somebody, and gives the link of the mail. */
function invitedBy(object $test, User $owner, string $email = 'bo@one.example', string $role = 'apprentice'): string
{
    $mails = app('mailer')->getSymfonyTransport();
    $mails->flush();
    $test->actingAs($owner)->post('/people', ['new_name' => 'Bo', 'new_email' => $email, 'new_role' => $role])->assertSessionHasNoErrors();
    preg_match('~https?://\S+(/invitation/\S+)~', (string) $mails->messages()->sole()->getOriginalMessage()->getTextBody(), $found);
    auth()->logout();

    return $found[1];
}

function joinBy(object $test, string $link, string $password = 'walnut ferry oboe'): Illuminate\Testing\TestResponse
{
    return $test->post($link, ['name' => 'Bo Renn', 'password' => $password, 'password_confirmation' => $password]);
}

it('invites by a link in a mail that works once', function () {
    $link = invitedBy($this, $this->owner);
    $this->get($link)->assertOk()->assertSee('Shop of ada@one.example')->assertSee('apprentice');
    joinBy($this, $link)->assertRedirect('/');
    $bo = User::query()->where('email', 'bo@one.example')->firstOrFail();
    expect($bo->shop_id)->toBe($this->owner->shop_id)->and($bo->role)->toBe(PersonRole::Apprentice)->and($bo->name)->toBe('Bo Renn')
        ->and(Invitation::query()->exists())->toBeFalse();
    $this->assertAuthenticatedAs($bo);
    $this->post('/sign-out');
    $this->get($link)->assertNotFound()->assertSee('lets nobody in');
    joinBy($this, $link)->assertNotFound();
});

it('keeps no link where the database is read', function () {
    $token = basename(invitedBy($this, $this->owner));
    expect(Invitation::query()->sole()->token)->toBe(hash('sha256', $token));
    Queue::fake();
    $this->actingAs($this->owner)->post('/people', ['new_name' => 'Bo', 'new_email' => 'bo@one.example', 'new_role' => 'owner']);
    Queue::assertPushed(SendInvitation::class, fn (SendInvitation $mail): bool => $mail instanceof ShouldBeEncrypted);
});

it('lets a link lapse, be withdrawn, and be replaced', function () {
    $old = invitedBy($this, $this->owner);
    $new = invitedBy($this, $this->owner);
    $this->get($old)->assertNotFound();
    $this->get($new)->assertOk();
    $this->travel(8)->days();
    joinBy($this, $new)->assertNotFound();
    $this->travelBack();
    $this->actingAs($this->owner)->delete('/people/invitations/'.Invitation::query()->sole()->id)->assertRedirect();
    auth()->logout();
    joinBy($this, $new)->assertNotFound();
    expect(User::query()->count())->toBe(1);
});

it('lets nobody invite but the owner, and not whoever is there already', function () {
    $bo = $this->person('bo@one.example', $this->owner->shop, PersonRole::Electrician);
    $fields = ['new_name' => 'Cy', 'new_email' => 'cy@one.example', 'new_role' => 'owner'];
    $this->actingAs($bo)->post('/people', $fields)->assertForbidden();
    $this->actingAs($bo)->get('/people')->assertOk()->assertDontSee('Invite somebody');
    $this->actingAs($this->owner)->post('/people', ['new_email' => 'BO@one.example'] + $fields)->assertSessionHasErrors('new_email');
    $this->actingAs($this->owner)->post('/people', ['new_role' => 'king'] + $fields)->assertSessionHasErrors('new_role');
    expect(Invitation::query()->exists())->toBeFalse();
});

it('does not tell one shop who signs in at another', function () {
    $this->person('zed@two.example');
    $link = invitedBy($this, $this->owner, 'zed@two.example');
    joinBy($this, $link)->assertSessionHasErrors('name');
    expect(User::query()->where('email', 'zed@two.example')->sole()->shop_id)->not->toBe($this->owner->shop_id);
});

it('takes somebody out on every device, and keeps what they did', function () {
    $bo = $this->person('bo@one.example', $this->owner->shop, PersonRole::Electrician);
    $job = $this->job($bo);
    $this->actingAs($bo)->put("/jobs/$job->id/margin", ['margin_pct' => '35'])->assertRedirect();
    DB::table('sessions')->insert(['id' => 'of-bo', 'user_id' => $bo->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs($this->owner)->delete("/people/$bo->id")->assertSessionHasErrors('person');
    $this->actingAs($this->owner)->delete("/people/$bo->id", ['sure' => '1'])->assertRedirect('/people');
    expect(User::query()->find($bo->id))->toBeNull()
        ->and(DB::table('sessions')->where('user_id', $bo->id)->exists())->toBeFalse()
        ->and($job->events()->sole()->by)->toBe('Bo')
        ->and($job->refresh()->exists)->toBeTrue();
    auth()->logout();
    $this->post('/sign-in', ['email' => 'bo@one.example', 'password' => 'a-long-password'])->assertSessionHasErrors('email');
    joinBy($this, invitedBy($this, $this->owner))->assertRedirect('/');
});

it('never leaves a shop without an owner', function () {
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}", ['role' => 'electrician'])->assertSessionHasErrors('person');
    $this->actingAs($this->owner)->delete("/people/{$this->owner->id}", ['sure' => '1'])->assertSessionHasErrors('person');
    $bo = $this->person('bo@one.example', $this->owner->shop, PersonRole::Apprentice);
    $this->actingAs($this->owner)->put("/people/$bo->id", ['role' => 'owner'])->assertSessionHasNoErrors();
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}", ['role' => 'apprentice'])->assertSessionHasNoErrors();
    expect($bo->refresh()->role)->toBe(PersonRole::Owner)->and($this->owner->refresh()->role)->toBe(PersonRole::Apprentice);
    $this->actingAs($this->owner)->put("/people/$bo->id", ['role' => 'apprentice'])->assertForbidden();
});

it('touches nobody of another shop', function (string $method, string $path) {
    $other = $this->person('zed@two.example', null, PersonRole::Electrician);
    $this->actingAs($this->owner)->call($method, sprintf($path, $other->id), ['role' => 'owner', 'sure' => '1'])->assertNotFound();
    expect($other->refresh()->role)->toBe(PersonRole::Electrician);
})->with([['PUT', '/people/%d'], ['DELETE', '/people/%d'], ['DELETE', '/people/%d/devices']]);

it('leaves the number on the cards to the owner', function () {
    $bo = $this->person('bo@one.example', $this->owner->shop, PersonRole::Electrician);
    $this->actingAs($bo)->put('/people/shop', ['shop_phone' => '555-0100'])->assertForbidden();
    expect($this->owner->shop->refresh()->phone)->not->toBe('555-0100');
});
