<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Fuel;
use Underpin\Job\Machine;
use Underpin\Job\Part\MachinePart;
use Underpin\Refused;

/** A machine of the catalogue, with what it gives on each fuel side by side. */
final class MachineRequest extends CoreRequest
{
    private const PLATE = ['name', 'form', 'volts', 'outlet', 'outlet_a', 'neutral', 'gfci', 'price_usd'];

    public function form(): Form
    {
        $ratings = [];
        foreach (Fuel::cases() as $fuel) {
            foreach (['run_w', 'peak_w'] as $moment) {
                $field = MachinePart::rating()->field($moment);
                $ratings[] = $field->named(self::name($moment, $fuel))
                    ->label(ucfirst($fuel->value).', '.lcfirst($field->label))
                    ->optional('does not burn it');
            }
        }

        return MachinePart::form()->only(...self::PLATE)->and(...$ratings);
    }

    /** The name of a rating's field: "run_w_natural_gas". */
    public static function name(string $moment, Fuel $fuel): string
    {
        return "{$moment}_".str_replace(' ', '_', $fuel->value);
    }

    /**
     * What a page shows of a machine, by field.
     *
     * @param  array<string, mixed>  $columns
     * @return array<string, mixed>
     */
    public static function shown(array $columns): array
    {
        $fields = array_intersect_key($columns, array_flip(self::PLATE));
        foreach (Fuel::cases() as $fuel) {
            $fields += [self::name('run_w', $fuel) => null, self::name('peak_w', $fuel) => null];
        }
        foreach (is_array($columns['ratings'] ?? null) ? $columns['ratings'] : [] as $rating) {
            $fuel = is_array($rating) && is_string($rating['fuel']) ? Fuel::tryFrom($rating['fuel']) : null;
            if ($fuel !== null) {
                $fields[self::name('run_w', $fuel)] = $rating['run_w'];
                $fields[self::name('peak_w', $fuel)] = $rating['peak_w'];
            }
        }

        return $fields;
    }

    /**
     * @throws Refused by the names of this form
     */
    public function machine(string $key): Machine
    {
        $in = $this->values();
        $ratings = [];
        foreach (Fuel::cases() as $fuel) {
            $run = $in->numberOrNull(self::name('run_w', $fuel));
            $peak = $in->numberOrNull(self::name('peak_w', $fuel));
            if ($run !== null || $peak !== null) {
                $ratings[] = $this->rating($fuel, $run, $peak);
            }
        }
        if ($ratings === []) {
            throw new Refused(
                self::name('run_w', Fuel::Gasoline), 'Ratings: say what it gives on at least one fuel.',
            );
        }

        return MachinePart::read(MachinePart::form()->read((object) [
            'id' => $key, ...array_intersect_key($in->all(), array_flip(self::PLATE)), 'ratings' => $ratings,
        ]));
    }

    private function rating(Fuel $fuel, ?float $run, ?float $peak): object
    {
        $missing = match (true) {
            $run === null => 'run_w',
            $peak === null => 'peak_w',
            default => null,
        };
        if ($missing !== null) {
            $name = self::name($missing, $fuel);
            throw new Refused($name, $this->form()->field($name)->label.' is missing: give both, or neither where it does not burn it.');
        }
        if ($peak < $run) {
            $name = self::name('peak_w', $fuel);
            throw new Refused($name, sprintf(
                '%s must be at least the running watts (%s W); %s W was given.', $this->form()->field($name)->label,
                number_format((float) $run), number_format((float) $peak),
            ));
        }

        return (object) ['fuel' => $fuel->value, 'run_w' => $run, 'peak_w' => $peak];
    }
}
