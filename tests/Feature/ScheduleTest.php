<?php

declare(strict_types=1);

use App\Shop\SheetWords;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Support\Houses;
use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Job\Panel;
use Underpin\Name;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user, Houses::job('Empty', panels: [new Panel('main', 'Main panel', 42)]));
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->upload = fn (string $csv) => $this->post(
        "$this->base/schedule", ['file' => UploadedFile::fake()->createWithContent('panel.csv', $csv)],
    );
});

it('shows a schedule first and takes it only then', function () {
    $page = ($this->upload)(Houses::schedule42())
        ->assertOk()
        ->assertSee('36 breakers in 42 spaces')
        ->assertSee('Colour')
        ->assertSee('Take all');
    expect($this->job->circuits()->count())->toBe(0);
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')])->assertRedirect("$this->base/loads");
    expect($this->job->circuits()->count())->toBe(36)
        ->and($this->job->panels()->count())->toBe(1)
        ->and($this->job->loads()->count())->toBe(51);
    $csv = $this->get("$this->base/schedule.csv")->assertOk()->getContent();
    $again = ($this->upload)((string) $csv);
    $this->post("$this->base/schedule/take", ['text' => $again->viewData('text')]);
    expect($this->get("$this->base/schedule.csv")->getContent())->toBe($csv);
    $this->post("$this->base/undo", ['seq' => 2]);
    $this->post("$this->base/undo", ['seq' => 1]);
    expect($this->job->circuits()->count())->toBe(0);
});

it('keeps what a schedule has no column for, where space and name are the same', function () {
    $page = ($this->upload)("space,amps,circuit,load,run_w\n1,20,Fridge,Fridge,200\n3,20,Lamps,Lamps,300\n");
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    $fridge = $this->job->circuits()->where('name', 'Fridge')->firstOrFail();
    $load = $this->job->loads()->where('name', 'Fridge')->firstOrFail();
    $this->patch(
        "$this->base/circuits/$fridge->key",
        [
            'space' => '1', 'half' => '', 'poles' => '1', 'amps' => '20', 'name' => 'Fridge', 'protection' => 'none', 'note' => '',
            'keep_on' => 'always', 'receptacle_a' => '15', 'shares_neutral_with' => '',
        ],
    )->assertSessionHasNoErrors();
    $this->put(
        "$this->base/measured",
        ['circuit' => $fridge->key, 'measured_leg' => 'A', 'measured_run_a' => '2', 'measured_start_a' => '9', 'by_hand' => '1'],
    )->assertSessionHasNoErrors();
    $this->patch(
        "$this->base/loads/$load->key",
        [
            'name' => 'Fridge', 'kind' => 'refrigeration', 'run_w' => '200', 'start_w' => '', 'pf' => '1', 'duty' => 'cycling',
            'on_s' => '600', 'off_s' => '900', 'season' => '', 'phase' => '', 'pole' => '', 'plug' => '', 'bridge_min' => '',
        ],
    )->assertSessionHasNoErrors();
    $page = ($this->upload)("space,amps,circuit,load,run_w\n1,15,fridge,fridge,250\n3,20,Fans,Fans,300\n");
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    $again = $this->job->circuits()->where('space', 1)->firstOrFail();
    expect(
        [$again->key, $again->amps, $again->keep_on, $again->receptacle_a, $again->measured_start_a]
    )->toBe([$fridge->key, 15, 'always', 15, 9.0])
        ->and(
            $this->job->loads()->where('circuit_id', $again->id)->firstOrFail()->only(['run_w', 'duty', 'on_s'])
        )->toBe(['run_w' => 250.0, 'duty' => 'cycling', 'on_s' => 600.0])
        ->and($this->job->circuits()->where('space', 3)->firstOrFail()->measured_leg)->toBeNull();
});

it('lists the faults and takes the good rows when asked', function () {
    $page = ($this->upload)("space,amps,circuit,role\n1,20,Good,must\n1,30,Again,must\n43,20,Next,perhaps\n")->assertOk()
        ->assertSee('used twice')->assertSee('must be must, room or off')->assertSee('Take the 1 good rows');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    expect($this->job->circuits()->pluck('name')->all())->toBe(['Good']);
});

it('takes pasted rows too', function () {
    $this->post("$this->base/schedule", ['pasted' => "space\tamps\tcircuit\n1\t20\tPasted\n"])->assertOk()->assertSee('1 breakers');
});

it('refuses with a message and keeps what is there', function (array $input) {
    $this->post("$this->base/schedule", $input)->assertSessionHasErrors('file');
    $this->post("$this->base/schedule/take", ['text' => base64_encode((string) ($input['pasted'] ?? ''))])->assertSessionHasErrors('file');
    expect($this->job->circuits()->count())->toBe(0)->and($this->job->events()->count())->toBe(0);
})->with([
    'nothing' => [[]], 'blank' => [['pasted' => "  \n"]], 'no columns' => [['pasted' => "hello\nworld\n"]],
    'a zip' => [['pasted' => "PK\x03\x04\x00"]],
]);

it('does not take a file without a good row', function () {
    $bad = "space,amps\nx,y\n";
    $this->post("$this->base/schedule", ['pasted' => $bad])->assertOk()->assertDontSee('Take');
    $this->post("$this->base/schedule/take", ['text' => base64_encode($bad)])->assertSessionHasErrors('file');
    expect($this->job->circuits()->count())->toBe(0)->and($this->job->events()->count())->toBe(0);
});

it('takes away no role and no load where the sheet has no column for them, whatever case a panel is written in', function () {
    $page = ($this->upload)("panel,space,amps,circuit,role,load,run_w\n"
        ."Garage,1,20,Fridge,must,Fridge,200\nGarage,3,20,Lamps,room,Lamps,300\n");
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    $page = ($this->upload)("Panel,Ckt #,Description,Breaker\nGARAGE,1,Fridge,20A/1\nGARAGE,3,LAMPS,15A/1\nGARAGE,5,Bench,20A/1\n");
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')])->assertSessionHasNoErrors();
    expect($this->job->panels()->pluck('name')->map(fn (string $name): string => mb_strtolower($name))->all())->toBe(['garage'])
        ->and($this->job->circuits()->orderBy('space')->get()->map(fn ($c) => [$c->name, $c->amps, $c->role])->all())
        ->toBe([['Fridge', 20, 'must'], ['LAMPS', 15, 'room'], ['Bench', 20, 'off']])
        ->and($this->job->loads()->orderBy('name')->pluck('run_w', 'name')->all())->toBe(['Fridge' => 200.0, 'Lamps' => 300.0]);
});

it('compares names as the database does', function () {
    $weights = [];
    $keys = [];
    $weight = 'select hex(weight_string(convert(? using utf8mb4) collate utf8mb4_unicode_ci)) as weight';
    $words = ['Straße', 'strasse', 'Hall ', 'hall', ' Hall', 'Barn-1', 'Barn 1', 'Barn1', '№ 5', 'No 5', '①', 'ﬁne', 'Fine', 'ａ', 'O’Hara'];
    foreach ([...array_map(fn (int $code): string => mb_chr($code), [...range(0x21, 0x7E), ...range(0xA1, 0x17F)]), ...$words] as $name) {
        $weights[DB::selectOne($weight, ["{$name}x"])->weight][] = $name;
        $keys[Name::key("{$name}x")][] = $name;
    }
    $groups = fn (array $by): array => array_map(fn (array $alike): string => implode(' ', $alike), array_values($by));
    expect(array_diff($groups($keys), $groups($weights)))->toBe([])
        ->and(count($keys))->toBe(count($weights))
        ->and(Name::key('Hall  '))->toBe(Name::key('hall'));
});

it('finds a panel again by a name with other accents and case, and loses nothing of it', function () {
    $take = fn (string $csv) => $this->post("$this->base/schedule/take", ['text' => base64_encode($csv)])->assertRedirect();
    $take("panel,space,amps,name,role\nKüche,1,20,Fridge,must\nKüche,3,20,Lampe,\n");
    $take("panel,ckt,bkr,name\nKUCHE,1,15,FRIDGÉ\nkuche,5,20,Oven\n");
    expect($this->job->panels()->count())->toBe(1)
        ->and($this->job->circuits()->orderBy('space')->get()->map(fn ($c) => "$c->space $c->amps $c->role")->all())
        ->toBe(['1 15 must', '3 20 off', '5 20 off']);
});

it('asks to look where a spreadsheet has made a date of two spaces', function () {
    ($this->upload)("Ckt;Load Served;Trip\n9-Nov;Well;30\n")->assertOk()
        ->assertSee('was taken as spaces 9–11')->assertSee('Take all 1 rows');
});

it('shows before it is taken what would change, stay and be gone, and the board that it makes', function () {
    $page = ($this->upload)("space,amps,circuit,role\n1,20,Fridge,must\n3,15,Lamps,room\n5,20,Bench,off\n");
    $page->assertSee('free')->assertSee('Fridge 20 A, must run')->assertSee('data-layer="breakers"', false)->assertDontSee('would be gone');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    $sheet = "space,amps,circuit,role\n1,20,Fridge,must\n3,20,Lamps,room\n";
    // Unless it is said otherwise, what the sheet does not have stays.
    ($this->upload)($sheet)->assertOk()->assertSee('2 circuits stay as they are')->assertDontSee('would be gone');
    // Other watts of a load are a change, though its circuit is written the same.
    ($this->upload)("space,amps,circuit,role,load,run_w,start_w,note\n1,20,Fridge,must,Fridge,150,600,\n3,15,Lamps,room,,,,by the door\n")
        ->assertOk()->assertSee('1 circuit stays as it is')->assertSee('Fridge 150 W start 600 W')->assertSee('note: by the door');
    // One whose spaces the sheet gives to another breaker cannot stay, and the page does not say that the sheet lacks it.
    ($this->upload)("space,amps,poles,circuit,role\n1,20,1,Fridge,must\n3,30,2,Dryer,off\n")->assertOk()
        ->assertSee('would be gone:')->assertSee('5 Bench')->assertSee('The sheet puts another breaker in that place.')
        ->assertDontSee('Not in the sheet.');
    $page = $this->post("$this->base/schedule", ['text' => base64_encode($sheet), 'others' => 'go'])->assertOk()
        ->assertSee('1 circuit stays as it is')->assertSee('Lamps 15 A')->assertSee('Lamps 20 A')
        ->assertSee('1 circuit would be gone:')->assertSee('5 Bench')->assertSee('Not in the sheet.');
    expect($this->job->circuits()->count())->toBe(3);
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text'), 'others' => 'perhaps'])->assertSessionHasErrors('others');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    expect($this->job->circuits()->count())->toBe(3);
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text'), 'others' => 'go']);
    expect($this->job->circuits()->orderBy('space')->pluck('name')->all())->toBe(['Fridge', 'Lamps']);
});

it('lets a fault be mended in its row, and loses nothing of the others', function () {
    $sheet = "Panel schedule,,\n\nCkt,Serves,Bkr\n1,Kitchen,twenty\n3,\"Bath, up\",15\n";
    $page = ($this->upload)($sheet)->assertOk()->assertSee('Row 4')->assertSee('name="cell-4-2" value="twenty"', false);
    $page = $this->post("$this->base/schedule", ['text' => $page->viewData('text'), 'cell-4-2' => '20/1'])->assertOk()
        ->assertDontSee('Row 4')->assertSee('2 breakers');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')])->assertSessionHasNoErrors();
    expect($this->job->circuits()->orderBy('space')->pluck('amps', 'name')->all())->toBe(['Kitchen' => 20, 'Bath, up' => 15]);
});

it('takes hostile cells for what they are', function (array $cells) {
    $page = ($this->upload)("Ckt,Serves,Bkr\n1,Kitchen,twenty\n3,Bath,15\n");
    $this->post("$this->base/schedule", ['text' => $page->viewData('text'), ...$cells])->assertOk()->assertSee('1 breakers');
})->with([
    'no row' => [['cell-99-0' => '5']], 'deep' => [['cell-2-2' => ['a' => 'b']]], 'far' => [['cell-2-99' => 'x', 'cell-2-5000' => 'x']],
    'markup' => [['cell-2-2' => '"><script>1</script>']], 'a second row' => [['cell-2-2' => "20\n5,Den,15"]],
]);

it('takes a column for what a person says, also where nothing in it was a schedule, and knows its word again', function () {
    $csv = "Tag,Trip,Zone\n20,15,Kitchen\n30,20,Bath\n";
    $page = ($this->upload)($csv)->assertOk()->assertSee('Nothing in it is a panel schedule')->assertSee('Zone')->assertDontSee('Take');
    $said = ['text' => $page->viewData('text'), 'column-0' => 'space', 'column-2' => 'name'];
    $this->post("$this->base/schedule", $said)->assertOk()->assertSee('2 breakers in 42 spaces')->assertSee('Kitchen 15 A');
    // Looking remembers nothing; taking does, for this shop alone.
    ($this->upload)($csv)->assertSee('Nothing in it is a panel schedule');
    $this->post("$this->base/schedule/take", $said)->assertSessionHasNoErrors();
    expect($this->job->circuits()->orderBy('space')->pluck('name')->all())->toBe(['Kitchen', 'Bath']);
    ($this->upload)("TAG,Trip,zone\n20,15,Kitchen\n40,15,Den\n")->assertSee('Den 15 A')->assertSee('TAG: space number');
    expect(SheetWords::of($this->job->shop_id))->toEqual(['tag' => Meaning::Space, 'zone' => Meaning::Name])
        ->and(SheetWords::of($this->person('eve@two.example')->shop_id))->toBe([]);
});

it('keeps the newest of very many words, and none that is no word', function () {
    $words = array_combine(array_map(fn (int $i): string => "word $i", range(1, 505)), array_fill(0, 505, Meaning::Note));
    SheetWords::remember($this->job->shop_id, ['' => Meaning::Space, str_repeat('x', 101) => Meaning::Space, ...$words]);
    SheetWords::remember($this->job->shop_id, ['word 505' => null]);
    $kept = SheetWords::of($this->job->shop_id);
    expect(count($kept))->toBe(500)->and(array_key_exists('word 5', $kept))->toBeFalse()
        ->and($kept['word 6'])->toBe(Meaning::Note)->and($kept['word 505'])->toBeNull();
});

it('leaves a column out that a person leaves out, and takes it back', function () {
    $csv = "ckt,bkr,serves,backup\n1,20,Fridge,must\n";
    $page = ($this->upload)($csv)->assertSee('Fridge 20 A, must run');
    $out = ['text' => $page->viewData('text'), 'column-3' => ''];
    $this->post("$this->base/schedule", $out)->assertSee('Fridge 20 A, leave off');
    $this->post("$this->base/schedule/take", $out)->assertSessionHasNoErrors();
    $page = ($this->upload)($csv)->assertSee('Left out: backup');
    $this->post("$this->base/schedule", ['text' => $page->viewData('text'), 'column-3' => 'role'])->assertSee('Fridge 20 A, must run');
});

it('refuses a choice that is none, by its column', function (array $said, string $field, string $message) {
    $page = ($this->upload)("ckt,bkr,serves\n1,20,Fridge\n");
    $this->post("$this->base/schedule", ['text' => $page->viewData('text'), ...$said])->assertSessionHasErrors([$field => $message]);
})->with([
    [['column-1' => 'colour'], 'column-1', 'Column 2 must be one of those in its list; "colour" was given.'],
    [['column-0' => 'circuit'], 'column-0', 'Column 1 must be one of those in its list; "circuit" was given.'],
    [['spaces-0' => '43'], 'spaces-0', 'Spaces must be an even number from 2 to 84; "43" was given.'],
    [['spaces-0' => '900'], 'spaces-0', 'Spaces must be an even number from 2 to 84; "900" was given.'],
]);

it('gives an empty panel the size of the sheet only when it was asked', function () {
    $csv = "ckt,bkr,serves\n1,20,Fridge\n44,15,Shed\n";
    $page = ($this->upload)($csv)->assertSee('with 42 spaces the rows beyond are left out')->assertSee('space 44 runs off the end');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    expect($this->job->panels()->value('spaces'))->toBe(42)->and($this->job->circuits()->pluck('space')->all())->toBe([1]);
    $this->post("$this->base/undo", ['seq' => 1]);
    $sized = ['text' => $page->viewData('text'), 'spaces-0' => '54'];
    $this->post("$this->base/schedule", $sized)->assertSee('2 breakers in 54 spaces')->assertDontSee('runs off the end');
    $this->post("$this->base/schedule/take", $sized);
    expect($this->job->panels()->value('spaces'))->toBe(54)->and($this->job->circuits()->count())->toBe(2);
    // A panel with breakers keeps its size, whatever is sent.
    $this->post("$this->base/schedule", ['text' => base64_encode("ckt,bkr\n80,20\n"), 'spaces-0' => '84'])->assertSee('runs off the end');
});

it('asks for the decimal mark of watts that may be two numbers, and keeps the delimiter of a sheet that is mended', function () {
    $sheet = "ckt\tbkr\tserves\twatts\n1\t20\tFridge\t1,920\n3\tx\tDen\t20\n";
    $text = ['text' => ($this->upload)($sheet)->assertSee('may be 1920 or 1.92')->viewData('text')];
    $this->post("$this->base/schedule", [...$text, 'decimal' => 'point'])->assertSee('Fridge 1920 W');
    $this->post("$this->base/schedule", [...$text, 'decimal' => 'comma'])->assertSee('Fridge 1.92 W')
        ->assertSee('read with a decimal comma');
    // Mended, it is still a table with tabs: a comma in it still tells nothing.
    $this->post("$this->base/schedule", [...$text, 'cell-3-1' => '15'])->assertSee('may be 1920 or 1.92')->assertSee('Den 15 A');
});

it('goes out as other spreadsheets want it, and comes in again as it was', function (string $delimiter, string $decimal, string $mark) {
    $csv = "space,amps,circuit,role,load,run_w,start_w,pf\n1,20,\"Café; bar, 2\",must,Fridge,150.5,1234.125,0.98\n3,20,Den,off,,,,\n";
    $this->post("$this->base/schedule/take", ['text' => base64_encode($csv)])->assertSessionHasNoErrors();
    $before = (string) $this->get("$this->base/schedule.csv")->getContent();
    $out = (string) $this->get("$this->base/schedule.csv?delimiter=$delimiter&decimal=$decimal&mark=$mark")->assertOk()->getContent();
    expect(str_starts_with($out, "\u{FEFF}"))->toBe($mark === '1')
        ->and($out)->toContain($decimal === 'comma' ? '1234,125' : '1234.125')
        ->and($out)->toContain(['comma' => 'amps,circuit', 'semicolon' => 'amps;circuit', 'tab' => "amps\tcircuit"][$delimiter]);
    $this->post("$this->base/schedule/take", ['text' => base64_encode($out), 'others' => 'go'])->assertSessionHasNoErrors();
    expect((string) $this->get("$this->base/schedule.csv")->getContent())->toBe($before);
})->with(['comma', 'semicolon', 'tab'])->with(['point', 'comma'])->with(['0', '1']);

it('refuses another way to write a table by its field', function () {
    $this->get("$this->base/schedule.csv?delimiter=pipe")->assertSessionHasErrors(['delimiter' => 'Between the cells must be comma, '
        .'semicolon or tab.']);
    $this->get("$this->base/schedule.csv?decimal=dot")->assertSessionHasErrors('decimal');
});
