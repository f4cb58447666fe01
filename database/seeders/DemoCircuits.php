<?php

declare(strict_types=1);

namespace Database\Seeders;

use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;

/** The breakers of the demo houses. All invented. */
final class DemoCircuits
{
    /** circuit => when it must not lose power while the crew works */
    private const MUST_STAY_ON = [
        'Office and router' => 'weekday mornings, farm accounts',
        'Study and router' => 'weekdays 8 to 5, works from home',
        'Marine aquarium' => 'never longer than an hour',
        'Treatment room' => 'always: oxygen concentrator',
    ];

    /** kinds of load that have a plug in these houses */
    private const WITH_PLUG = ['outlets', 'electronics', 'medical', 'refrigeration', 'cooking', 'laundry', 'tool', 'other'];

    /** circuit => rating of the one receptacle on it */
    private const ONE_RECEPTACLE = ['Kidding pen lamps' => 15, 'Marine aquarium' => 20, 'Washer' => 20];

    /** @return list<Circuit> */
    public static function dairy(): array
    {
        return self::circuits([
            ['5', 2, 20, 'Deep well pump', 'none', 'must', ['Deep well pump, 1 1/2 hp', 'pump', 2050, 7300, 0.85]],
            ['9', 2, 30, 'Milk cooler', 'none', 'must', ['Cooler compressor', 'compressor', 2280, 7400, 0.86]],
            ['13', 1, 15, 'Gas boiler', 'none', 'must', ['Boiler and circulators', 'boiler', 240, 620, 0.88]],
            [
                '15', 1, 20, 'Chest freezers', 'none', 'must', ['Freezer, cheese room', 'refrigeration', 140, 880, 0.85],
                ['Freezer, pantry', 'refrigeration', 130, 850, 0.85],
            ],
            ['17', 1, 20, 'Barn lights', 'none', 'must', ['Barn lights', 'lighting', 210, 210, 0.95]],
            ['19', 1, 20, 'Parlor outlets', 'gfci', 'room', ['Parlor outlets', 'outlets', 450, 700, 0.95]],
            ['21', 2, 20, 'Vacuum pump', 'none', 'must', ['Vacuum pump', 'pump', 1120, 3900, 0.85]],
            ['25', 1, 15, 'Kidding pen lamps', 'gfci', 'room', ['Heat lamps', 'electric heat', 500, 500, 1.0]],
            ['27', 1, 20, 'Yard lights', 'none', 'room', ['Yard flood lights', 'lighting', 120, 120, 0.95]],
            ['29', 2, 30, 'Water heater, dairy', 'none', 'off', ['Water heater', 'water heating', 4500, 4500, 1.0]],
            ['33', 1, 20, 'Workshop bench', 'none', 'off', ['Bench tools', 'tool', 1100, 3000, 0.88]],
            ['35', 1, 20, 'Fence energizer', 'none', 'must', ['Fence energizer', 'electronics', 30, 30, 0.9]],
            ['37', 2, 50, 'Welder outlet', 'none', 'off'],
            ['2', 1, 15, 'Kitchen lights', 'afci', 'must', ['Kitchen lights', 'lighting', 70, 70, 0.95]],
            ['4', 1, 20, 'Refrigerator', 'none', 'must', ['Refrigerator', 'refrigeration', 160, 980, 0.85]],
            ['6', 2, 50, 'Range', 'none', 'off', ['Range', 'cooking', 5000, 5000, 1.0]],
            ['10', 2, 30, 'Dryer', 'none', 'off', ['Dryer', 'laundry', 5000, 6000, 0.98]],
            ['14', 1, 15, 'Bedrooms', 'afci', 'room', ['Bedroom outlets', 'outlets', 140, 140, 0.95]],
            [
                '16', 1, 15, 'Office and router', 'afci', 'must', ['Router and modem', 'electronics', 25, 25, 0.9],
                ['Computer', 'electronics', 180, 180, 0.95],
            ],
            ['18', 2, 30, 'Water heater, house', 'none', 'off', ['Water heater', 'water heating', 4500, 4500, 1.0]],
            ['22', 1, 20, 'Bath and hall', 'gfci', 'room', ['Bath outlets and fan', 'outlets', 120, 250, 0.95]],
            ['24', 1, 20, 'Kitchen counter, left', 'dual', 'room', ['Coffee and kettle', 'cooking', 900, 900, 1.0]],
            ['26', 1, 20, 'Kitchen counter, right', 'dual', 'room', ['Microwave oven', 'cooking', 1300, 1500, 0.95]],
            ['28', 1, 15, 'Living room', 'afci', 'room', ['Living room outlets', 'outlets', 200, 200, 0.95]],
            ['30a', 1, 15, 'Porch and cellar lights', 'none', 'room', ['Lights', 'lighting', 80, 80, 0.95]],
            ['30b', 1, 15, 'Smoke and CO alarms', 'none', 'must', ['Alarms', 'electronics', 15, 15, 0.9]],
            ['32', 1, 20, 'Washer', 'none', 'room', ['Clothes washer', 'laundry', 500, 1300, 0.85]],
            ['34', 1, 20, 'Sump', 'none', 'must', ['Sump pump, 1/3 hp', 'pump', 460, 1650, 0.82]],
            ['36', 2, 40, 'Cheese room heat pump', 'none', 'room', ['Heat pump', 'compressor', 900, 1100, 0.95]],
            ['40', 1, 20, 'Dishwasher', 'dual', 'off', ['Dishwasher', 'laundry', 900, 1300, 0.95]],
        ]);
    }

    /** @return list<Circuit> */
    public static function rowHouse(): array
    {
        return self::circuits([
            ['1', 1, 20, 'Sump pump', 'none', 'must', ['Sump pump, 1/2 hp', 'pump', 740, 2650, 0.82]],
            ['3', 1, 15, 'Oil boiler', 'none', 'must', ['Burner and circulators', 'boiler', 360, 1020, 0.85]],
            [
                '5', 1, 20, 'Marine aquarium', 'gfci', 'must', ['Return pumps', 'pump', 190, 280, 0.9],
                ['Lights', 'lighting', 160, 160, 0.95], ['Heaters', 'electric heat', 400, 400, 1.0],
            ],
            ['7', 2, 40, 'Range', 'none', 'off', ['Range', 'cooking', 5000, 5000, 1.0]],
            ['11', 2, 30, 'Dryer', 'none', 'off', ['Dryer', 'laundry', 5000, 6000, 0.98]],
            ['15', 1, 20, 'Laundry', 'none', 'off', ['Clothes washer', 'laundry', 500, 1300, 0.85]],
            ['2', 1, 20, 'Refrigerator', 'none', 'must', ['Refrigerator', 'refrigeration', 150, 960, 0.85]],
            ['4', 1, 20, 'Kitchen counter', 'dual', 'room', ['Kettle', 'cooking', 1200, 1200, 1.0]],
            ['6', 1, 15, 'Lights, ground and first', 'afci', 'must', ['Lights', 'lighting', 140, 140, 0.95]],
            ['8', 1, 15, 'Living room', 'afci', 'room', ['Television and outlets', 'outlets', 220, 220, 0.95]],
            ['10', 1, 15, 'Bedrooms', 'afci', 'room', ['Bedroom outlets', 'outlets', 160, 160, 0.95]],
            [
                '12', 1, 15, 'Study and router', 'afci', 'must', ['Router and modem', 'electronics', 25, 25, 0.9],
                ['Laptop', 'electronics', 60, 60, 0.95],
            ],
            ['14', 1, 20, 'Bath', 'gfci', 'off', ['Bath outlets', 'outlets', 100, 100, 1.0]],
            ['16', 1, 20, 'Dishwasher', 'dual', 'off', ['Dishwasher', 'laundry', 900, 1300, 0.95]],
            ['18', 1, 15, 'Alarms', 'none', 'must', ['Smoke and CO alarms', 'electronics', 12, 12, 0.9]],
        ]);
    }

    /** @return list<Circuit> */
    public static function lodgeEast(): array
    {
        return self::circuits([
            ['1', 2, 30, 'Well pump', 'none', 'must', ['Well pump, 2 hp', 'pump', 2650, 9400, 0.85]],
            ['5', 2, 60, 'Kitchen panel feeder', 'none', 'off'],
            ['9', 1, 20, 'Freezers', 'none', 'must', ['Freezers', 'refrigeration', 420, 1700, 0.85]],
            ['11', 1, 20, 'Boiler room', 'none', 'must', ['Boilers and circulators', 'boiler', 780, 2100, 0.86]],
            ['13', 2, 50, 'Range 1', 'none', 'off', ['Range', 'cooking', 6500, 6500, 1.0]],
            ['17', 2, 50, 'Range 2', 'none', 'off', ['Range', 'cooking', 6500, 6500, 1.0]],
            ['2', 1, 20, 'Hall lights', 'none', 'must', ['Lights', 'lighting', 380, 380, 0.95]],
            ['4', 1, 20, 'Alarm panel', 'none', 'must', ['Fire alarm panel', 'electronics', 90, 90, 0.9]],
            ['6', 2, 30, 'Snow melt pump', 'none', 'room', ['Snow melt pump', 'pump', 1150, 4300, 0.84]],
            ['10', 1, 20, 'Office', 'afci', 'must', ['Router, phones, desk', 'electronics', 260, 260, 0.95]],
            ['12', 1, 20, 'Bar', 'gfci', 'room', ['Bar coolers', 'refrigeration', 320, 1500, 0.85]],
            ['14', 2, 40, 'Sauna', 'none', 'off', ['Sauna heater', 'electric heat', 7500, 7500, 1.0]],
            ['21a', 2, 20, 'Boat winch', 'gfci', 'off', ['Boat winch', 'tool', 1300, 4200, 0.85]],
            ['21b', 2, 20, 'Ski workshop', 'none', 'off', ['Edge grinder', 'tool', 1500, 4400, 0.85]],
        ]);
    }

    /** @return list<Circuit> a sub-panel without a main of its own */
    public static function lodgeKitchen(): array
    {
        return self::circuits([
            ['1', 2, 30, 'Walk-in cooler', 'none', 'must', ['Walk-in cooler', 'refrigeration', 1500, 5600, 0.85]],
            ['2', 2, 30, 'Dish line', 'none', 'must', ['Dish line', 'cooking', 2400, 2400, 1.0]],
            ['6', 1, 20, 'Kitchen counter', 'dual', 'room', ['Coffee machine', 'cooking', 1400, 1400, 1.0]],
            ['5', 1, 20, 'Hood fan', 'none', 'room', ['Hood fan', 'fan', 380, 1300, 0.85]],
        ], 'k');
    }

    /** @return list<Circuit> */
    public static function lodgeWest(): array
    {
        return self::circuits([
            ['1', 2, 40, 'Air handler', 'none', 'must', ['Air handler', 'fan', 1400, 4300, 0.86]],
            ['5', 1, 20, 'Rooms 1 to 4', 'afci', 'must', ['Lights and outlets', 'outlets', 520, 520, 0.95]],
            ['7', 1, 20, 'Rooms 5 to 8', 'afci', 'must', ['Lights and outlets', 'outlets', 520, 520, 0.95]],
            ['9', 2, 30, 'Septic lift pump', 'none', 'must', ['Lift pump', 'pump', 1450, 5300, 0.84]],
            ['2', 1, 20, 'Sump, lake side', 'none', 'must', ['Sump pump', 'pump', 740, 2650, 0.82]],
            ['4', 1, 20, 'Laundry', 'none', 'room', ['Clothes washers', 'laundry', 950, 2300, 0.85]],
            ['6', 2, 30, 'Dryers', 'none', 'off', ['Dryers', 'laundry', 5200, 6200, 0.98]],
            ['10', 2, 50, 'Car charger', 'none', 'off', ['Car charger, 32 A', 'charger', 7700, 7700, 0.99]],
            ['14', 1, 20, 'Dock lights', 'gfci', 'room', ['Dock lights', 'lighting', 180, 180, 0.95]],
        ], 'w');
    }

    /** @return array{int, int, list<Circuit>} spaces, main, breakers */
    public static function small(string $house): array
    {
        $kitchen = ['2', 1, 20, 'Refrigerator', 'none', 'must', ['Refrigerator', 'refrigeration', 160, 980, 0.85]];
        $lights = ['4', 1, 15, 'Lights', 'afci', 'must', ['Lights', 'lighting', 120, 120, 0.95]];
        $router = ['6', 1, 15, 'Router and desk', 'afci', 'must', ['Router, desk', 'electronics', 110, 110, 0.95]];
        $sump = ['5', 1, 20, 'Sump', 'none', 'must', ['Sump pump, 1/3 hp', 'pump', 470, 1680, 0.82]];
        $furnace = ['7', 1, 15, 'Furnace', 'none', 'must', ['Gas furnace blower', 'fan', 600, 1700, 0.85]];
        $well = ['9', 2, 20, 'Well pump', 'none', 'must', ['Well pump, 3/4 hp', 'pump', 1150, 4200, 0.83]];
        $range = ['8', 2, 50, 'Range', 'none', 'off', ['Range', 'cooking', 5000, 5000, 1.0]];
        $heater = ['12', 2, 30, 'Water heater', 'none', 'off', ['Water heater', 'water heating', 4500, 4500, 1.0]];
        $counter = ['16', 1, 20, 'Kitchen counter', 'dual', 'room', ['Microwave oven', 'cooking', 1300, 1500, 0.95]];
        $cooler = ['13', 2, 30, 'Walk-in cooler', 'none', 'must', ['Walk-in cooler', 'refrigeration', 1500, 5600, 0.85]];
        $oxygen = ['11', 1, 15, 'Treatment room', 'none', 'must', ['Oxygen concentrator', 'medical', 350, 650, 0.9]];

        return match ($house) {
            'cottage' => [20, 100, self::circuits([$kitchen, $lights, $well, $range])],
            'boathouse' => [
                12, 60,
                self::circuits([$kitchen, $lights, ['6', 1, 20, 'Bench', 'gfci', 'room', ['Bench tools', 'tool', 1100, 3000, 0.88]]]),
            ],
            'flat' => [
                12, 60,
                self::circuits(
                    [$kitchen, ['6', 1, 15, 'Router and desk', 'afci', 'must', ['Router, desk', 'electronics', 110, 110, 0.95]], $range]
                ),
            ],
            'bakery' => [
                30, 200,
                self::circuits(
                    [$kitchen, $lights, $cooler, $router, ['9', 2, 40, 'Oven', 'none', 'off', ['Oven', 'cooking', 8000, 8000, 1.0]]]
                ),
            ],
            'farm' => [40, 200, self::circuits([$kitchen, $lights, $router, $well, $furnace, $cooler, $range, $heater])],
            'clinic' => [30, 200, self::circuits([$kitchen, $lights, $router, $furnace, $oxygen, $heater])],
            'well' => [
                8, 60,
                self::circuits(
                    [
                        ['5', 2, 30, 'Well pump', 'none', 'must', ['Well pump, 2 hp', 'pump', 2650, 9400, 0.85]],
                        ['2', 1, 15, 'Controls and light', 'none', 'must', ['Controls', 'electronics', 60, 60, 0.9]],
                    ]
                ),
            ],
            default => [30, 150, self::circuits([$kitchen, $lights, $router, $sump, $furnace, $range, $heater, $counter])],
        };
    }

    /**
     * @param  list<array<int, mixed>>  $rows  space, poles, amps, name, protection, role, then loads
     * @return list<Circuit>
     */
    private static function circuits(array $rows, string $prefix = 'c'): array
    {
        $circuits = [];
        foreach ($rows as $row) {
            /** @var array{string, int, int, string, string, string} $row */
            [$space, $poles, $amps, $name, $protection, $role] = $row;
            /** @var list<array{string, string, float, float, float}> $loads */
            $loads = array_slice($row, 6);
            $circuits[] = new Circuit(
                "$prefix$space", new Position((int) $space, $poles, Half::tryFrom(trim($space, '0123456789'))), $amps, $name,
                Protection::from($protection), Role::from($role), '', keepOn: self::MUST_STAY_ON[$name] ?? '',
                receptacleAmps: self::ONE_RECEPTACLE[$name] ?? null,
                loads: array_map(
                    fn (array $load, int $i): Load => new Load(
                        "$prefix$space-$i", $load[0], LoadKind::from($load[1]), (float) $load[2], (float) $load[3], $load[4],
                        plug: in_array($load[1], self::WITH_PLUG, true), bridgeMin: $load[1] === 'medical' ? 240.0 : null,
                    ),
                    $loads, array_keys($loads),
                ),
            );
        }

        return $circuits;
    }
}
