<?php

declare(strict_types=1);

namespace Tests\Core\PlugFacesTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Design\Design;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Faces\Contact;
use Underpin\Drawing\Faces\FaceInk;
use Underpin\Drawing\Faces\PlugFaces;
use Underpin\Drawing\Faces\PlugFaceSheets;
use Underpin\Job\Outlet;
use Underpin\Job\WireRun;

it('draws as many contacts as the circuit has conductors, mirrored on what goes in', function (Outlet $outlet) {
    $letters = array_map(fn (Contact $c): string => $c->letter, Contact::of($outlet));
    expect($letters)->toHaveCount($outlet->volts() === 240 ? 4 : 3)->toContain('G', 'W');
    $drawing = (new PlugFaces($outlet))->drawing();
    $texts = array_filter(Drawn::of($drawing, 'faces')->only(Text::class), fn (Text $t): bool => $t->ink === FaceInk::Letter);
    foreach ($letters as $letter) {
        [$female, $male] = array_values(array_filter($texts, fn (Text $t): bool => $t->words === $letter));
        if ($female->x !== 180.0 && ! in_array($letter, ['G', 'W'], true)) {
            expect($male->x - 540)->toEqualWithDelta(180 - $female->x, 1e-9);
        }
        expect(abs($female->x - 180))->toBeLessThan(92);
    }
    foreach (array_values($texts) as $i => $text) {
        foreach (array_slice(array_values($texts), $i + 1) as $other) {
            expect(abs($text->x - $other->x) > 24 || abs($text->y - $other->y) > 16)->toBeTrue("$text->words / $other->words");
        }
    }
    expect(implode('|', Drawn::of($drawing)->words()))->toContain('live while the machine runs')->toContain('never live by itself')
        ->toContain($outlet->value)->toContain($outlet->plug());
})->with(Outlet::plugged());

it('shows the faces of what the design has, and none where all is wired in', function () {
    $titles = function (?int $inletAmps, Outlet $outlet, int $amps): array {
        $house = Houses::small(Houses::supply(12_000, 15_000, 240, $outlet, $amps), 'interlock');
        $sheets = (new PlugFaceSheets)->sheets(new Design(Changed::of($house, wire: new WireRun(25, 20, $inletAmps))));

        return array_map(fn (Drawing $d): string => $d->title, $sheets);
    };
    expect($titles(null, Outlet::Locking30, 30))->toBe(['Faces of L14-30R and L14-30P'])
        ->and($titles(20, Outlet::Locking30, 30))->toBe(['Faces of L14-20R and L14-20P', 'Faces of L14-30R and L14-30P'])
        ->and($titles(null, Outlet::Terminals, 60))->toBe([]);
});
