<?php

declare(strict_types=1);

namespace Tests\Core\EstimateTest;

use Tests\Support\Books;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Assembly\Task;
use Underpin\Codebook\Burial;
use Underpin\Codebook\Conduit;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Form\Values;
use Underpin\Job\Extra;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\MeasuredLength;
use Underpin\Job\Offer;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\WireRun;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\TaskPrice;
use Underpin\Pricing\Book\TaxOn;
use Underpin\Pricing\Book\Terms;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Pricing\Estimate\Priced;
use Underpin\Pricing\Estimate\WorkLine;
use Underpin\Pricing\Estimate\WorkList;
use Underpin\Refused;
use Underpin\Sizing\Supply;

function house(string $way = 'interlock', ?Offer $offer = null): Job
{
    $run = new WireRun(40, 33.2, laying: new Laying(slackFt: 4, raceway: Conduit::Pvc40));

    return Changed::of(Houses::small(Houses::supply(), $way), wire: $run)->with($offer ?? new Offer(ownMachine: true));
}

function estimate(Job $job, ?PriceBook $book = null): Estimate
{
    $design = new Design($job);

    return Estimate::of($design, $design->way(), $book ?? Books::dollars($job));
}

/** @return array<string, float> quantity by task */
function work(Job $job): array
{
    $design = new Design($job);
    $lines = WorkList::by($design, $design->way());

    return array_combine(
        array_map(fn (WorkLine $line): string => $line->task->value, $lines),
        array_map(fn (WorkLine $line): float => $line->quantity, $lines),
    );
}

function line(Estimate $estimate, string $words): ?Priced
{
    return array_values(array_filter($estimate->lines, fn (Priced $line): bool => $line->words === $words))[0] ?? null;
}

/** @param  array<string, mixed>  $row */
function priceRow(array $row): Values
{
    return PartPrice::form()->read((object) $row);
}

it('rounds each amount to the cent, halves away from zero', function () {
    expect(Money::usd(0.005)->cents)->toBe(1)->and(Money::usd(10.0)->times(1 / 3)->cents)->toBe(333)
        ->and(Money::cents(150)->pct(6.25)->cents)->toBe(9)->and(Money::cents(-1250)->words())->toBe('-$12.50')
        ->and(Money::cents(124_050)->words())->toBe('$1,240.50')->and(Money::cents(5)->plus(Money::cents(6), Money::cents(7))
        ->cents)->toBe(18);
});

it('buys whole packs: a roll is not cut', function (float $pack, float $quantity, float $packs) {
    expect((new PartPrice('x', 'ft', $pack))->packs($quantity))->toBe($packs);
})->with([[500.0, 501.0, 2.0], [500.0, 500.0, 1.0], [1.0, 38.0, 38.0], [250.0, 1.0, 1.0], [0.1, 0.3, 3.0]]);

it('finds a part by its words, whatever the capitals and signs between', function () {
    expect(PartPrice::key('Breaker, 30 A, two poles'))->toBe(PartPrice::key(' breaker 30 a — TWO poles '))
        ->and(PartPrice::key('10 AWG copper, red'))->not->toBe(PartPrice::key('10 AWG copper, black'));
});

it('takes no price of a day that is still to come, none below nothing, and no pack of none', function () {
    expect(fn () => PartPrice::read(priceRow(['part' => 'x', 'price_on' => '2099-01-01']), '2026-11-26'))
        ->toThrow(Refused::class, 'Price of: 2099-01-01 is still to come.')
        ->and(PartPrice::read(priceRow(['part' => 'x', 'price_on' => '2026-11-26', 'price_usd' => 0.5]), '2026-11-26')
            ->price->cents)->toBe(50)
        ->and(array_map(fn (Refused $r): string => $r->field, PartPrice::form()->faults((object) ['part' => 'x', 'price_usd' => -1.0])))
        ->toBe(['price_usd'])
        ->and(array_map(fn (Refused $r): string => $r->field, PartPrice::form()->faults((object) ['part' => '', 'pack' => 0.0])))
        ->toBe(['part', 'pack']);
});

it('asks again for a price of half a year ago, and for one of no day', function (?string $on, bool $old) {
    expect((new PartPrice('x', price: Money::usd(1), on: $on))->isOld('2026-11-26'))->toBe($old);
    $part = new PartPrice('Inlet L14-30P, 30 A', price: Money::usd(72), on: $on);
    expect(estimate(house(), new PriceBook([$part]))->oldPrices('2026-11-26'))->toBe($old ? ['Inlet L14-30P, 30 A'] : []);
})->with([['2026-11-26', false], ['2026-05-30', false], ['2026-05-29', true], [null, true]]);

it('takes the work from the design: each piece set, each foot laid', function () {
    // An inlet, its interlock and breaker, 37.2 ft of run, two signs; the visit, the way there and the permit of any wired job.
    $signs = count((new Design(house()))->assembly()->signs());
    expect(work(house()))->toEqualCanonicalizing([
        'inlet-30' => 1.0, 'interlock-kit' => 1.0, 'back-fed-breaker' => 1.0, 'run-30' => 38.0, 'sign' => (float) $signs, 'visit' => 1.0,
        'travel' => 1.0, 'permit' => 1.0,
    ])->and($signs)->toBeGreaterThan(1);
    expect(work(house('manual_switch')))->toHaveKeys(['manual-switch', 'circuit-moved'])->not->toHaveKey('interlock-kit');
    // A pump, a fridge and a boiler are moved, each with a breaker of its own in the transfer panel.
    expect(work(house('transfer_subpanel'))['circuit-moved'])->toBe(3.0)->and(work(house('cords')))->toBe([]);
});

it('digs where the run lies in the ground', function () {
    $wet = Changed::of(house(), wire: new WireRun(40, 33, laying: new Laying(burial: Burial::Pvc)));
    expect(work($wet)['trench'])->toBe(33.0)->and(work(house()))->not->toHaveKey('trench');
});

it('adds up parts, hours and fees, and nothing that it does not name', function () {
    $estimate = estimate(house());
    $signs = count((new Design(house()))->assembly()->signs());
    // Packs of one: a cord, an inlet, a kit, a hold-down, a breaker, the signs, 4 wires of 38 ft, 4 lengths, 3 couplings, 2 connectors.
    $parts = 5 + $signs + 4 * 38 + 4 + 3 + 2;
    $hours = 1.0 + 0.5 + 0.3 + 38 * 0.06 + $signs * 0.05 + 2.0 + 0.5;
    expect($estimate->open)->toBe([])->and($estimate->sum(LineKind::Part)->cents)->toBe($parts * 100)
        ->and($estimate->hours())->toEqualWithDelta($hours, 1e-9)->and($estimate->sum(LineKind::Fee)->cents)->toBe(200)
        ->and($estimate->sum(LineKind::Work)->cents)->toEqualWithDelta($hours * 1000, 8)
        ->and($estimate->total()->cents)->toBe($estimate->sum()->cents)->and($estimate->isWhole())->toBeTrue();
});

it('adds the margin to what is bought, and the tax where the state takes it', function () {
    $with = fn (TaxOn $on): Estimate => estimate(house(), Books::dollars(house(), new Terms(Money::usd(10), 20, 10, $on)));
    $plain = estimate(house());
    $parts = $plain->sum(LineKind::Part)->cents;
    expect($with(TaxOn::Parts)->sum(LineKind::Part)->cents)->toBe((int) round($parts * 1.2))
        ->and($with(TaxOn::Parts)->margin()->cents)->toBe((int) round($parts * 0.2))
        ->and($with(TaxOn::Parts)->tax()->cents)->toBe((int) round($parts * 1.2 * 0.1))
        ->and($with(TaxOn::All)->tax()->cents)->toBe((int) round($with(TaxOn::All)->sum()->cents * 0.1))
        ->and($with(TaxOn::Parts)->sum(LineKind::Work)->cents)->toBe($plain->sum(LineKind::Work)->cents);
});

it('names what has no price, what nobody measured and what the shop did not say, and is no price then', function () {
    $book = new PriceBook([new PartPrice('Inlet L14-30P, 30 A', price: Money::usd(72))]);
    $open = estimate(house(), $book)->open;
    expect($open)->toContain('price of 10 AWG copper, black')->toContain('price of Permit')->toContain('price of Travel')
        ->toContain('the price of an hour of work')->toContain('what is added to parts')->toContain('the sales tax')
        ->not->toContain('price of Inlet L14-30P, 30 A')
        ->and(estimate(house(), $book)->isWhole())->toBeFalse();
    $unmeasured = Changed::of(house(), wire: new WireRun);
    expect(estimate($unmeasured)->open)->toContain('the cord\'s length')->and(estimate($unmeasured)->isWhole())->toBeFalse();
    $noWay = new Design(Houses::small());
    expect(Estimate::of($noWay, Ways::standard()->find('interlock'), $book)->isWhole())->toBeFalse();
});

it('takes no price by another unit for a price of it', function () {
    $book = new PriceBook([new PartPrice('10 AWG copper, black', 'each', price: Money::usd(9))], terms: new Terms(Money::usd(10), 0, 0));
    expect(estimate(house(), $book)->open)->toContain('10 AWG copper, black by "ft": the price book has it by "each"')
        ->toContain('price of 10 AWG copper, black');
});

it('asks who has the machine, and prices it only where the shop supplies it', function () {
    $machine = fn (?int $usd) => Changed::of(Houses::supply()->machine, priceUsd: $usd);
    $job = fn (?bool $own, ?int $usd = null): Job => Changed::of(
        house(offer: new Offer(ownMachine: $own)), supply: new Supply($machine($usd), Houses::supply()->fuel),
    );
    $name = $machine(null)->name;
    expect(estimate($job(null))->open)->toBe(['who supplies the machine', "price of $name"])
        ->and(line(estimate($job(true)), $name))->toBeNull()->and(estimate($job(true))->open)->toBe([])
        ->and(estimate($job(false))->open)->toBe(["price of $name"])
        ->and(line(estimate($job(false, 1_500)), $name)->price->cents)->toBe(150_000)->and(estimate($job(false, 1_500))->open)->toBe([]);
});

it('takes this authority\'s fee and this job\'s travel before the shop\'s, and what is offered besides', function () {
    $offer = new Offer(ownMachine: true, permitUsd: 88.5, travelUsd: 0.0, extras: [new Extra('a', 'Drywall closed and primed', 140.0)]);
    $estimate = estimate(house(offer: $offer));
    expect(line($estimate, 'Permit')->quantity)->toBe(1.0)->and($estimate->sum(LineKind::Fee)->cents)->toBe(8_850)
        ->and(line($estimate, 'Drywall closed and primed')->price->cents)->toBe(14_000);
});

it('takes the shop\'s own hours and fees for a task', function () {
    $design = new Design(house());
    $mine = Estimate::of($design, $design->way(), new PriceBook(tasks: [
        new TaskPrice(Task::Interlock, 0.9), new TaskPrice(Task::Inlet30, price: Money::usd(15)),
    ], terms: new Terms(Money::usd(100), 0, 0)));
    expect(line($mine, 'Interlock kit fitted')->price->cents)->toBe(9_000)
        ->and(line($mine, 'Inlet box mounted, up to 30 A, fee')->price->cents)->toBe(1_500);
});

it('counts a length that was measured between two pieces of equipment, in parts and in hours', function () {
    $job = house('transfer_subpanel');
    $built = (new Design($job))->assembly();
    $between = array_key_first($built->toMeasure());
    $long = $job->with($job->wire->withLengths([new MeasuredLength($between, 12.0)]));
    $before = estimate($job);
    $after = estimate($long);
    expect(count($after->open))->toBe(count($before->open) - 1)
        ->and($after->sum(LineKind::Part)->cents)->toBeGreaterThan($before->sum(LineKind::Part)->cents)
        ->and($after->hours())->toBeGreaterThan($before->hours())
        ->and((new Design($long))->assembly()->toMeasure()[$between][0]->lengthFt)->toBe(12.0);
    $gone = $job->with($job->wire->withLengths([new MeasuredLength('feeder nowhere nothing', 12.0)]));
    expect(estimate($gone)->open)->toBe($before->open);
});

it('never counts a line that is not priced, and no line twice, for any house by any way', function (int $seed) {
    $job = RandomHouse::job($seed);
    foreach (Ways::standard()->all() as $way) {
        $design = new Design(Changed::of($job, connection: $way->key(), supply: Houses::supply(), wire: new WireRun(30, 20)));
        $estimate = Estimate::of($design, $way, Books::dollars($design->job));
        $keys = array_map(fn (Priced $line): string => "{$line->kind->value} $line->key", $estimate->lines);
        $sum = array_sum(array_map(fn (Priced $line): int => $line->price->cents ?? 0, $estimate->lines));
        expect(array_unique($keys))->toBe($keys)->and($estimate->sum()->cents)->toBe($sum)
            ->and($estimate->hours())->toBeGreaterThanOrEqual(0.0);
        foreach ($estimate->lines as $line) {
            expect($line->price === null)->toBe(in_array("price of $line->words", $estimate->open, true) && $line->price === null);
        }
    }
})->with(range(1, 6));
