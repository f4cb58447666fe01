<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Fuel;
use Underpin\Job\Machine;
use Underpin\Job\Outlet;
use Underpin\Refused;

/**
 * A machine as one line of named fields, as a page shows it and a sheet holds it: what it gives on each fuel side by side,
 * its groups and its other outlets by name. Name, form, largest outlet and the running watts on one fuel are enough to begin.
 */
final class MachineLine
{
    private const PLAIN = ['name', 'form', 'volts', 'outlet', 'outlet_a', 'neutral', 'gfci', 'price_usd', 'lead_weeks'];

    private const BY_FUEL = ['run_w', 'peak_w', 'idle_per_h', 'half_per_h', 'full_per_h'];

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            ...self::plain(), ...array_merge(...array_map(self::ofFuel(...), Fuel::cases())), ...self::ofGroups(), ...self::outlets(),
        );
    }

    /** The name of a rating's field: "run_w_natural_gas". */
    public static function ratingField(string $moment, Fuel $fuel): string
    {
        return "{$moment}_".self::plainWord($fuel->value);
    }

    /** The name of the field that counts more outlets of a kind: "outlets_5_20r". */
    public static function outletField(Outlet $outlet): string
    {
        return 'outlets_'.self::plainWord($outlet->value);
    }

    /** @return list<Field> what a machine says of one fuel */
    public static function ofFuel(Fuel $fuel): array
    {
        return array_map(function (string $moment) use ($fuel): Field {
            $field = MachinePart::rating()->field($moment);

            return $field->named(self::ratingField($moment, $fuel))
                ->label(ucfirst($fuel->value).', '.lcfirst($field->label))->optional($moment === 'run_w' ? 'none of it' : 'not known');
        }, self::BY_FUEL);
    }

    /** @return array<string, float|int|string|bool|null> by field */
    public static function write(Machine $machine): array
    {
        $written = MachinePart::write($machine);
        $line = [];
        foreach (self::PLAIN as $name) {
            $line[$name] = self::scalar($written[$name]);
        }
        foreach (Fuel::cases() as $fuel) {
            $rating = $machine->ratingOn($fuel);
            foreach ([$rating?->runW, $rating?->peakW, $rating?->idlePerH, $rating?->halfPerH, $rating?->fullPerH] as $i => $value) {
                $line[self::ratingField(self::BY_FUEL[$i], $fuel)] = $value;
            }
        }
        foreach (MachineGroups::values($machine) as $group => $values) {
            foreach ($values as $name => $value) {
                $line["{$group}_$name"] = $value;
            }
        }
        foreach (self::countedOutlets() as $outlet) {
            $line[self::outletField($outlet)] = $machine->otherOutlets[$outlet->value] ?? null;
        }

        return $line;
    }

    /**
     * @param  string  $id  that the machine has in its catalogue
     *
     * @throws Refused by the names of this line
     */
    public static function read(string $id, Values $in): Machine
    {
        $outlet = Outlet::from($in->text('outlet'));
        $given = $in->all();
        $case = ['id' => $id, ...array_intersect_key($given, array_flip(self::PLAIN))];
        $case['volts'] ??= $outlet->volts() ?? 240;
        $case['outlet_a'] ??= $outlet->amps() ?? throw new Refused(
            'outlet_a', 'Outlet or breaker is missing: a machine with terminals of its own has a breaker; how many amperes?',
        );
        $case['ratings'] = self::ratings($in);
        foreach (MachineGroups::forms() as $group => $form) {
            $values = [];
            foreach ($form->fields() as $field) {
                $values[$field->name] = $given["{$group}_$field->name"] ?? null;
            }
            $case[$group] = (object) $values;
        }
        $others = [];
        foreach (self::countedOutlets() as $kind) {
            $count = $in->wholeOrNull(self::outletField($kind));
            array_push($others, ...$count === null ? [] : [(object) ['outlet' => $kind->value, 'count' => $count]]);
        }

        try {
            return MachinePart::read(MachinePart::form()->read((object) [...$case, 'other_outlets' => $others]));
        } catch (Refused $refused) {
            throw self::named($refused, $case['ratings']);
        }
    }

    /** @return list<object> */
    private static function ratings(Values $in): array
    {
        $ratings = [];
        foreach (Fuel::cases() as $fuel) {
            $given = [];
            foreach (self::BY_FUEL as $moment) {
                $value = $in->numberOrNull(self::ratingField($moment, $fuel));
                $given += $value === null ? [] : [$moment => $value];
            }
            if ($given !== [] && ! isset($given['run_w'])) {
                $field = self::ratingField('run_w', $fuel);
                throw new Refused($field, self::form()->field($field)->label.' is missing: without it nothing else on this fuel counts.');
            }
            array_push($ratings, ...$given === [] ? [] : [(object) ['fuel' => $fuel->value, ...$given]]);
        }

        return $ratings !== [] ? $ratings : throw new Refused(
            self::ratingField('run_w', Fuel::Gasoline), 'Running watts: say what it gives on at least one fuel.',
        );
    }

    /**
     * A refusal of a machine by the names of its line: "ratings.1.peak_w" is "peak_w_propane".
     *
     * @param  list<object>  $ratings
     */
    private static function named(Refused $refused, array $ratings): Refused
    {
        $parts = explode('.', $refused->field);
        $word = ((array) ($ratings[(int) ($parts[1] ?? 0)] ?? []))['fuel'] ?? '';
        $fuel = is_string($word) ? Fuel::tryFrom($word) : null;

        return match (true) {
            $parts[0] === 'ratings' && $fuel !== null => new Refused(
                self::ratingField(($parts[2] ?? 'fuel') === 'fuel' ? 'run_w' : $parts[2], $fuel),
                ucfirst($fuel->value).': '.$refused->getMessage(),
            ),
            count($parts) > 1 => new Refused(implode('_', $parts), $refused->getMessage()),
            default => $refused,
        };
    }

    /** @return list<Field> */
    private static function plain(): array
    {
        $form = MachinePart::form();

        return array_map(fn (string $name): Field => match ($name) {
            'volts', 'outlet_a' => $form->field($name)->optional('by the outlet'),
            default => $form->field($name),
        }, self::PLAIN);
    }

    /** @return list<Field> */
    private static function ofGroups(): array
    {
        $fields = [];
        foreach (MachineGroups::forms() as $group => $form) {
            foreach ($form->fields() as $field) {
                $fields[] = $field->named("{$group}_$field->name");
            }
        }

        return $fields;
    }

    /** @return list<Field> */
    private static function outlets(): array
    {
        $count = MachinePart::otherOutlet()->field('count');

        return array_map(
            fn (Outlet $outlet): Field => $count->named(self::outletField($outlet))->label("More outlets, $outlet->value")
                ->optional('none'),
            self::countedOutlets(),
        );
    }

    /** @return list<Outlet> */
    private static function countedOutlets(): array
    {
        return Outlet::plugged();
    }

    private static function plainWord(string $word): string
    {
        return strtolower(str_replace([' ', '-'], '_', $word));
    }

    private static function scalar(mixed $value): float|int|string|bool|null
    {
        return is_scalar($value) ? $value : null;
    }
}
