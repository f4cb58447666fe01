<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\PortablePlace;
use Underpin\Codebook\StandbyPlace;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Placement\Building;
use Underpin\Placement\Distance;
use Underpin\Placement\Distances;
use Underpin\Placement\Gap;
use Underpin\Placement\Obstacle;
use Underpin\Placement\Opening;
use Underpin\Placement\Placement;
use Underpin\Placement\Surroundings;

final class PlacementCalculator implements Calculator
{
    private const NOT_LOOKED = 'not looked: what it is needed for stands in not_checked';

    public function name(): string
    {
        return 'placement';
    }

    public function summary(): string
    {
        return 'Whether the spot of a generator keeps its distances.';
    }

    public function source(): string
    {
        return 'NFPA 37 4.1.4 (openings, walls that burn), NEC 2023 110.26(A) (working space, here on every side), zoning (property line), '
            .'good practice (carbon monoxide). Its listing and the authority come first.';
    }

    public function form(): Form
    {
        $place = [self::number('x', 'feet to the right'), self::number('y', 'feet up')];
        $id = Field::id();

        return new Form(
            Field::choice('kind', 'a portable keeps away from every wall', ['standby', 'portable']),
            Field::group('generator', 'x and y of its lower left corner, width and depth, feet', self::box()),
            Field::group('exhaust', 'where its exhaust leaves', new Form(...$place))->optional(self::NOT_LOOKED),
            Field::items('walls', 'buildings', new Form(
                $id, self::corners('points', 'corners of the building, in order'),
                Field::flag('combustible', 'its walls burn')->default(true),
            ))->optional(self::NOT_LOOKED),
            Field::items('openings', 'doors, windows, vents', new Form($id, ...$place))->optional(self::NOT_LOOKED),
            self::corners('property', 'corners of the lot, in order')->optional(self::NOT_LOOKED),
            Field::items('obstacles', 'x and y of the lower left corner, width and depth, feet', self::box()->and($id))
                ->optional(self::NOT_LOOKED),
            Field::group('rules', 'feet that are kept', new Form(
                self::rule(Distance::Wall, 'from walls', StandbyPlace::COMBUSTIBLE_FT, true),
                self::rule(Distance::Opening, 'from openings', StandbyPlace::OPENINGS_FT, true),
                self::rule(Distance::Service, 'from obstacles and every wall', StandbyPlace::SERVICE_FT),
                self::rule(Distance::Property, 'from the property line', StandbyPlace::PROPERTY_FT),
                self::rule(Distance::ExhaustOpening, 'from the exhaust to openings', StandbyPlace::OPENINGS_FT, true),
            ))->optional('each as usual'),
        );
    }

    public function compute(Values $in): array
    {
        $exhaust = $in->group('exhaust');
        $placement = new Placement(
            self::area($in->group('generator')), $exhaust === null ? null : self::point($exhaust), self::around($in), self::keeps($in),
        );
        $nearest = [];
        foreach (Distance::cases() as $distance) {
            $gap = $placement->nearest($distance);
            $nearest[$distance->value] = $gap === null ? null : ['id' => $gap->id, 'distance_ft' => $gap->ft()];
        }

        return [
            'ok' => $placement->isGood(),
            'findings' => array_map(fn (Gap $gap): array => [
                'rule' => $gap->distance->value, 'id' => $gap->id, 'distance_ft' => $gap->ft(), 'needed_ft' => $gap->neededFt,
            ], $placement->broken()),
            'nearest' => $nearest,
            'not_checked' => array_map(fn (Distance $each): string => $each->value, $placement->notChecked()),
        ];
    }

    private static function around(Values $in): Surroundings
    {
        $lot = $in->points('property');

        return new Surroundings(
            $in->has('walls') ? array_map(fn (Values $each): Building => new Building(
                $each->text('id'), new Polygon($each->points('points') ?? []), $each->flag('combustible'),
            ), $in->items('walls')) : null,
            $in->has('openings') ? array_map(fn (Values $each): Opening => new Opening(
                $each->text('id'), new Segment(self::point($each), self::point($each)),
            ), $in->items('openings')) : null,
            $in->has('obstacles') ? array_map(
                fn (Values $each): Obstacle => new Obstacle($each->text('id'), self::area($each)), $in->items('obstacles'),
            ) : null,
            $lot === null ? null : new Polygon($lot),
        );
    }

    private static function keeps(Values $in): Distances
    {
        $said = array_filter($in->group('rules')?->all() ?? [], is_float(...));

        return $in->text('kind') === 'portable' ? Distances::portable($said) : Distances::standby($said);
    }

    private static function point(Values $in): Point
    {
        return new Point($in->number('x'), $in->number('y'));
    }

    private static function area(?Values $in): Polygon
    {
        return $in === null
            ? throw new \LogicException('The form asks for it.')
            : Polygon::rectangle($in->number('x'), $in->number('y'), $in->number('w'), $in->number('d'));
    }

    private static function box(): Form
    {
        return new Form(
            self::number('x', 'feet to the right, lower left corner'), self::number('y', 'feet up, lower left corner'),
            Field::number('w', 'width, feet'), Field::number('d', 'depth, feet'),
        );
    }

    private static function number(string $name, string $meaning): Field
    {
        return Field::number($name, $meaning)->atLeast(-1e9);
    }

    private static function corners(string $name, string $meaning): Field
    {
        return Field::points($name, "$meaning; at least three")->atLeast(3);
    }

    private static function rule(Distance $distance, string $meaning, float $standby, bool $isCarbonMonoxide = false): Field
    {
        return Field::number($distance->value, "feet $meaning")->optional(
            $isCarbonMonoxide ? "$standby; of a portable ".PortablePlace::HOUSE_FT : (string) $standby,
        );
    }
}
