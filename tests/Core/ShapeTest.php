<?php

declare(strict_types=1);

use Tests\Support\DxfReader;
use Tests\Support\Houses;
use Tests\Support\MadeUpWay;
use Tests\Support\SourceFile;
use Tests\Support\WayWithout;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\Line;
use Underpin\Checks\Check;
use Underpin\Checks\Code;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Connection\Interlock;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Way;
use Underpin\Connection\Ways;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Element\Line as DrawnLine;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Plot\PlotInk;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Writer\DxfFile;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Drawing\Writer\SvgPage;
use Underpin\Exchange\JobFile;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Part\JobPart;
use Underpin\Job\Part\JobParts;
use Underpin\Outage\SwitchingCard;
use Underpin\StageKey;
use Underpin\Stages\Progress;
use Underpin\Stages\Stage;
use Underpin\Stages\Stages;

/*
 * A new way of connecting, part of a job, check, stage or drawing is one class more and its place in a
 * registry. Each is added here: everything that speaks of it must follow, and nothing that is
 * said of another may be said of it.
 */

it('takes another way of connecting everywhere with its class alone', function () {
    $ways = Ways::standard()->with(new MadeUpWay);
    $file = new JobFile(JobParts::standard(), $ways);
    $job = Houses::small(Houses::supply(), 'rope');
    expect($file->decode($file->encode($job)))->toEqual($job);

    $design = new Design($job, $ways);
    $card = SwitchingCard::of(new Review($design));
    $do = fn (OwnerStep $step): string => $step->do;
    expect(
        array_map(fn (WayVerdict $v): string => $v->way->key(), $design->connections())
    )->toBe([...array_keys(Ways::standard()->options()), 'rope'])
        ->and(array_map(fn (Line $l): string => $l->part, $design->assembly()?->lines() ?? []))->toBe(['Rope'])
        ->and(array_map($do, $card->toGenerator))->toBe(['Call the balloon.'])
        ->and(array_map($do, $card->back))->toBe([
            'Wait until the power of the utility has stayed for 10 to 15 minutes.', 'Send the balloon home.',
        ])
        ->and($card->throws)->toBe('Knot')
        ->and($card->cautions)->toContain('Never let go of the rope.')
        ->and(
            json_encode([$card, array_column((new Review($design))->findings, 'what')])
        )->not->toContain('nterlock')->not->toContain('transfer switch');
});

it('refuses a file that names a way which is not there', function () {
    $job = Houses::small(Houses::supply(), 'rope');
    expect(fn () => JobFile::standard()->decode(JobFile::standard()->encode($job)))->toThrow(
        Underpin\Exchange\JobFileFaults::class, 'Connection',
    );
});

it('has an answer of every way to everything that is asked of a way', function (Way $way) {
    foreach ((new ReflectionClass(Way::class))->getMethods() as $method) {
        expect((new ReflectionMethod($way, $method->name))->getDeclaringClass()->name)->toBe(
            $way::class, "$method->name() is not answered by the way itself",
        );
    }
})->with([...Ways::standard()->all(), new MadeUpWay]);

it('asks no way by its name outside of the ways themselves', function () {
    $named = [];
    $classes = array_map(fn (Way $way): string => $way::class, Ways::standard()->all());
    foreach ([...SourceFile::under('core'), ...SourceFile::under('app')] as $file) {
        $isAWay = in_array(
            $file->path,
            [
                'core/Connection/Ways.php',
                ...array_map(fn (string $class): string => 'core/'.str_replace(['Underpin\\', '\\'], ['', '/'], $class).'.php', $classes),
            ],
            true,
        );
        if (! $isAWay && array_intersect($file->names(), $classes) !== []) {
            $named[] = $file->path;
        }
    }
    expect($named)->toBe([]);
});

it('takes a conductor that is not built out of the wire table and off the card', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $built = new Design($job);
    $run = array_values(array_filter($built->assembly()?->conductors() ?? [], fn (Conductor $c): bool => $c->id === 'run'))[0];
    $without = new Design($job, new Ways([WayWithout::conductor(new Interlock, 'run')]));
    $parts = fn (Design $design): array => array_map(fn (Line $l): string => $l->part, $design->assembly()?->lines() ?? []);
    $steps = fn (Design $design): string => implode(
        ' ', array_map(fn (OwnerStep $s): string => $s->do, SwitchingCard::of(new Review($design))->toGenerator),
    );

    $onlyWithIt = ['Sign: Warning', 'Sign: Generator, 30 A', 'Sign: Warning: two sources'];
    expect(count($run->says()))->toBeGreaterThan(4)->and(array_diff($parts($built), $parts($without)))->toEqualCanonicalizing(
        [...array_map(fn (Line $l): string => $l->part, $run->says()), ...$onlyWithIt],
    )
        ->and($steps($built))->toContain('Turn on the generator breaker')
        ->and($steps($without))->not->toContain('Turn on the generator breaker')
        ->and($without->assembly()?->dropPct())->toBeLessThan($built->assembly()?->dropPct());
});

it('takes another part of a job in files and history with its class alone', function () {
    $part = new class implements JobPart
    {
        public function fields(): array
        {
            return [Field::text('pets', 'who else lives there')->label('Pets')->atMost(20)->default('none')];
        }

        public function read(Values $in, FaultList $faults): object
        {
            return (object) ['pets' => $in->text('pets')];
        }

        public function write(Job $job): array
        {
            return ['pets' => 'a goat'];
        }
    };
    $parts = JobParts::standard()->with($part);
    $file = new JobFile($parts, Ways::standard());
    $job = Houses::small();
    expect($file->toArray($job)['pets'])->toBe('a goat')
        ->and($file->form()->schema()['properties'])->toHaveKey('pets')
        // An event or a file from before the part had its field is read with its default.
        ->and($file->form()->read((object) (array) json_decode(JobFile::standard()->encode($job)))->text('pets'))->toBe('none');
});

it('takes another check with its class alone', function () {
    $check = new class implements Check
    {
        public function findings(Design $design): iterable
        {
            yield new Finding(Code::WiringWet, 'What', 'Why', 'Do');
        }
    };
    $review = new Review(new Design(Houses::small()), [$check]);
    expect(array_map(fn (Finding $f): string => $f->what, $review->on(StageKey::Wire)))->toBe(['What']);
});

it('takes another stage with its class alone, and the spine and the jobs board follow', function () {
    $all = array_values(array_filter(Stages::standard()->all(), fn (Stage $s): bool => $s->key() !== StageKey::Keep));
    $stages = (new Stages($all))->with(new class implements Stage
    {
        public function key(): StageKey
        {
            return StageKey::Keep;
        }

        public function title(): string
        {
            return 'Keep';
        }

        public function begun(Review $review): bool
        {
            return true;
        }

        public function missing(Review $review): array
        {
            return [];
        }

        public function countsFrom(): Progress
        {
            return Progress::Done;
        }
    });
    $reports = $stages->reports(Review::of(Houses::small()));
    expect(end($reports)->progress)->toBe(Progress::Done)
        ->and($stages->reached($reports)->key())->toBe(StageKey::Keep)
        ->and($stages->after(StageKey::Run)?->title())->toBe('Keep')
        ->and((new Stages($all))->find(StageKey::Keep))->toBeNull();
});

it('takes another drawing into every kind of file with its class alone', function () {
    $drawings = Drawings::standard()->with(new class implements DesignDrawing
    {
        public function key(): string
        {
            return 'kite';
        }

        public function title(): string
        {
            return 'Kite';
        }

        public function sheets(Design $design): array
        {
            return [new Drawing("Kite of {$design->job->name}", Sheet::diagram(10, 10), [
                new Layer('string', [new DrawnLine(0, 0, 10, 10, PlotInk::Grid)]),
            ])];
        }
    });
    [$sheet] = $drawings->find('kite')?->sheets(new Design(Houses::small())) ?? [];
    expect((new SvgFile)->write($sheet))->toContain('<line x1="0" y1="0" x2="10" y2="10"')
        ->and((new DxfReader((new DxfFile)->write($sheet)))->entities('LINE'))->toHaveCount(1)
        ->and(SvgPage::inner($sheet))->toContain('<line class="grid"')
        ->and(array_map(fn (DesignDrawing $d): string => $d->key(), $drawings->all()))->toBe(
            [
                'one-line', 'hook-up', 'plug-faces', 'labels', 'panel-before', 'panel-after', 'panel-moves', 'directory', 'service',
                'site-plan', 'marks', 'door-label', 'kite',
            ],
        )
        ->and(Drawings::standard()->find('kite'))->toBeNull();
});
