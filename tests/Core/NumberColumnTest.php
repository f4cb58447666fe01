<?php

declare(strict_types=1);

namespace Tests\Core\NumberColumnTest;

use Underpin\Csv\CsvDialect;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\MixedMarks;
use Underpin\Csv\Number;
use Underpin\Csv\NumberColumn;
use Underpin\Csv\OtherMark;

/**
 * @param  list<string>  $cells
 * @return list<?float>
 */
function numbers(array $cells, string $delimiter, ?DecimalMark $told = null): array
{
    $column = NumberColumn::of($cells, $delimiter, $told);

    return array_map(fn (string $cell): ?float => $column->isOpen($cell) ? null : $column->read($cell), $cells);
}

it('finds the decimal mark of a column from all its values and the delimiter', function (string $delimiter, array $cells, array $numbers) {
    expect(numbers($cells, $delimiter))->toBe($numbers);
})->with([
    'points' => [',', ['1.506', '0.25', '12'], [1.506, 0.25, 12.0]],
    'commas' => [';', ['1,506', '0,25', '12'], [1.506, 0.25, 12.0]],
    'commas between commas, quoted' => [',', ['1,506', '0,25'], [1.506, 0.25]],
    'thousands between commas, quoted' => [',', ['1,506', '12'], [1506.0, 12.0]],
    'a late value tells of the first' => ["\t", ['1,506', '2,250', '3,1'], [1.506, 2.25, 3.1]],
    'a late point too' => ["\t", ['1,506', '2,250', '3.1'], [1506.0, 2250.0, 3.1]],
    'thousands with points' => [';', ['1.506,5', '2.250', '7'], [1506.5, 2250.0, 7.0]],
    'two groups tell' => ["\t", ['1,234,567', '1,506'], [1_234_567.0, 1506.0]],
    'a group never begins with 0' => ["\t", ['0,506', '1,506'], [0.506, 1.506]],
    'nothing tells, between tabs' => ["\t", ['1,506', '20'], [null, 20.0]],
    'nothing tells, points between semicolons' => [';', ['1.506', '20'], [null, 20.0]],
    'one of both between semicolons' => [';', ['1.506', '2,250'], [1506.0, 2.25]],
    'no marks at all' => ["\t", ['1506', '20 W', ' 7 '], [1506.0, 20.0, 7.0]],
    'no number' => [',', ['twelve', '1.2.3', ''], [null, null, null]],
]);

it('takes the mark that a person says', function () {
    expect(numbers(['1,506'], "\t", DecimalMark::Comma))->toBe([1.506])
        ->and(numbers(['1,506'], "\t", DecimalMark::Point))->toBe([1506.0])
        ->and(numbers(['1,506'], ';', DecimalMark::Point))->toBe([1506.0]);
});

it('refuses a value with the other mark, and keeps the others', function () {
    $column = NumberColumn::of(['0.5', '0,5', '2'], ',');
    expect($column->read('0.5'))->toBe(0.5)->and($column->mark())->toBe(DecimalMark::Point)
        ->and(fn () => $column->read('0,5'))->toThrow(MixedMarks::class, '"0,5" is no number with a decimal point, as its column has');
});

it('says that what was read has to be read anew when a later value tells', function () {
    $column = new NumberColumn("\t");
    expect($column->read('1.506'))->toBe(1.506)->and($column->doubt())->toBe('1.506');
    expect(fn () => $column->read('0,5'))->toThrow(OtherMark::class);
    $column = new NumberColumn("\t");
    $column->read('1.506');
    expect($column->read('0.5'))->toBe(0.5)->and($column->doubt())->toBeNull();
});

it('gives every number back from a table that it wrote, whatever parts its cells', function (string $mark, string $delimiter) {
    $dialect = new CsvDialect(decimal: DecimalMark::from($mark));
    foreach ([0.0, 5.0, 1.5, 1.506, 999.125, 1234.125, 1_000_000.0, 0.001, 12.3456] as $number) {
        $column = new NumberColumn($delimiter);
        expect($column->read($dialect->number($number)))->toBe($number)->and($column->doubt())->toBeNull();
    }
    expect($dialect->number(null))->toBe('');
})->with(['point', 'comma'])->with([',', ';', "\t"]);

it('reads one number alone as it is written here, else as elsewhere', function () {
    expect(Number::read('1,920'))->toBe(1920.0)->and(Number::read('0,98'))->toBe(0.98)->and(Number::read('1.234,5'))->toBe(1234.5);
});
