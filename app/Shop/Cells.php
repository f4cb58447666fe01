<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\FormInput;
use App\JobFile\Conflict;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Refused;

/** Cells of a sheet of the shop's things, saved as they are left: each row for itself, so that one bad cell holds up no other. */
final class Cells
{
    /** @var list<array{row: string, key: string, set: array<string, ?string>}> set: what changed along with what was typed */
    private array $saved = [];

    /** @var list<array{row: string, column: string, message: string}> */
    private array $refused = [];

    public function __construct(private readonly User $user, private readonly SheetThing $of)
    {
    }

    /**
     * @param  array<string, array<string, array{value: string, was: ?string}>>  $rows  by key of the row (or what the page calls a
     *                                                                                  new one) and by column
     * @return array{
     *     saved: list<array{row: string, key: string, set: array<string, ?string>}>,
     *     refused: list<array{row: string, column: string, message: string}>,
     * }
     */
    public function save(array $rows): array
    {
        foreach ($rows as $row => $cells) {
            try {
                $key = DB::transaction(fn (): string => $this->row((string) $row, $cells));
                $this->saved[] = ['row' => (string) $row, 'key' => $key, 'set' => $this->follows($cells)];
            } catch (Refused $refused) {
                $this->refuse((string) $row, $cells, $refused->field, $refused->getMessage());
            } catch (Conflict $conflict) {
                foreach ($conflict->fields as $column => $both) {
                    $this->refuse((string) $row, $cells, $column, sprintf(
                        '%s: somebody else has changed this to "%s" since the page was opened (%s). Load the page anew.',
                        $this->of->form()->field($column)->label, FormInput::words($both['theirs']), $conflict->by ?? 'not known by whom',
                    ));
                }
            }
        }

        return ['saved' => $this->saved, 'refused' => $this->refused];
    }

    /**
     * @param  array<string, array{value: string, was: ?string}>  $cells
     * @return string the key of the row
     *
     * @throws Refused by column
     */
    private function row(string $row, array $cells): string
    {
        $this->knowColumns(array_keys($cells));
        $there = $this->of->of($this->user->shop_id)->where($this->of->keyColumn(), $row)->first();
        $before = $there === null ? $this->begun($row) : $this->of->line($there);
        $now = $this->read([...$before, ...$this->follows($cells)], $cells);
        if ($there === null) {
            if ($this->of->same($this->user->shop_id, $now) !== null) {
                throw new Refused(array_key_first($cells) ?? '', "{$this->of->title($now)}: there is a row of that name already.");
            }
            $key = $this->of->newKey($this->user->shop_id, $now);
            ShopEditor::add($this->user, $this->of, $this->of->title($now), $this->of->columns($key, $now));

            return $key;
        }
        $key = $this->key($there);
        $columns = $this->of->columns($key, $now);
        $was = array_map(fn (array $cell): ?string => $cell['was'], $cells);
        $shown = $this->read($before, array_map(fn (?string $text): array => ['value' => $text ?? '', 'was' => null], $was));
        ShopEditor::change(
            $this->user, $this->of, $key, $this->of->title($now), $columns, array_intersect_key($shown->all(), $cells),
            array_intersect_key($now->all(), $cells), fn (Model $row): array => array_intersect_key($this->of->line($row), $cells),
        );

        $renamed = $columns[$this->of->keyColumn()] ?? null;

        return is_string($renamed) ? $renamed : $key;
    }

    /**
     * @param  array<string, float|int|string|bool|null>  $before
     * @param  array<string, array{value: string, was: ?string}>  $cells
     *
     * @throws Refused by column
     */
    private function read(array $before, array $cells): Values
    {
        $form = $this->of->form();
        $case = array_filter($before, fn (mixed $value): bool => $value !== null);
        foreach ($form->fields() as $field) {
            if (array_key_exists($field->name, $cells)) {
                $case[$field->name] = $this->given($field, $cells[$field->name]['value']);
            }
        }

        return $form->read((object) $case);
    }

    /**
     * @param  array<string, array{value: string, was: ?string}>  $cells
     * @return array<string, ?string> by column
     */
    private function follows(array $cells): array
    {
        return $this->of->follows(array_map(fn (array $cell): string => $cell['value'], $cells));
    }

    /**
     * @param  list<string>  $columns
     *
     * @throws Refused on the first that is none: what is not saved must not be said to be
     */
    private function knowColumns(array $columns): void
    {
        $strange = array_diff($columns, array_map(fn (Field $field): string => $field->name, $this->of->form()->fields()));
        if ($strange !== []) {
            throw new Refused(reset($strange), 'There is no column "'.mb_strimwidth(reset($strange), 0, 40, '…').'" here.');
        }
    }

    /** @return array<string, string> of a row that is not kept yet: its key, where that is a column of the sheet */
    private function begun(string $row): array
    {
        $names = array_map(fn (Field $field): string => $field->name, $this->of->form()->fields());

        return in_array($this->of->keyColumn(), $names, true) ? [$this->of->keyColumn() => $row] : [];
    }

    private function given(Field $field, string $text): mixed
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw new Refused($field->name, FormInput::unreadable($field->label, $text));
        }

        return $field->type->fromText(trim($text));
    }

    /** @param  array<string, mixed>  $cells */
    private function refuse(string $row, array $cells, string $column, string $message): void
    {
        $this->refused[] = [
            'row' => $row, 'column' => array_key_exists($column, $cells) ? $column : (string) array_key_first($cells),
            'message' => $message,
        ];
    }

    private function key(Model $row): string
    {
        $key = $row->getAttribute($this->of->keyColumn());

        return is_scalar($key) ? (string) $key : '';
    }
}
