<?php

declare(strict_types=1);

namespace App\Bench;

use RuntimeException;

/** The loads as a sheet: a cell that is left against a role that is marked, and a paste of many rows. */
final class GridCells
{
    private const ROUNDS = 150;

    private const ROWS = 200;

    private string $parts = '1';

    public function __construct(private readonly Visitor $visitor, private readonly string $job)
    {
    }

    /**
     * By turns, so that both meet the same machine.
     *
     * @param  string  $circuit  id of one that must run
     * @param  string  $load  id of the load on it
     * @return array{Times, Times} of a cell, and of a role
     */
    public function againstRole(string $circuit, string $load): array
    {
        $cell = new Times;
        $role = new Times;
        $this->parts = $this->visitor->partsOf("$this->job/grid");
        $ofBoard = $this->visitor->partsOf("$this->job/loads?at=$circuit");
        for ($i = -15; $i < self::ROUNDS; $i++) {
            $one = $i < 0 ? [new Times, new Times] : [$cell, $role];
            $one[0]->measure(fn () => $this->put([["$circuit/$load", 'run_w', (string) (40 + $i % 2)]]));
            $one[1]->measure(function () use ($circuit, $i, $ofBoard): void {
                $to = $i % 2 === 0 ? 'off' : 'must';
                $answer = $this->visitor->change("$this->job/circuits/$circuit/role", 'PATCH', ['role' => $to], $ofBoard);
                $answer->getStatusCode() === 200 ?: throw new RuntimeException("A role change answered {$answer->getStatusCode()}.");
            });
        }

        return [$cell, $role];
    }

    /** Seconds of a paste of 200 rows with watts and notes into a service of 210 circuits. */
    public function paste(): float
    {
        $cells = [];
        for ($n = 0; $n < self::ROWS; $n++) {
            [$panel, $space] = [intdiv($n, 42), 1 + $n % 42];
            $row = "p$panel-c$space/p$panel-l$space";
            array_push($cells, [$row, 'name', "Pasted $n"], [$row, 'run_w', (string) (100 + $n)], [$row, 'start_w', (string) (300 + $n)]);
        }
        $times = new Times;
        $times->measure(fn () => $this->put($cells));

        return $times->median() / 1000;
    }

    /** @param  list<array{string, string, string}>  $cells  line, column, text */
    private function put(array $cells): void
    {
        $sent = array_map(fn (array $c): array => ['row' => $c[0], 'column' => $c[1], 'value' => $c[2], 'was' => null], $cells);
        $body = ['cells' => json_encode($sent, JSON_THROW_ON_ERROR)];
        $answer = $this->visitor->put("$this->job/grid", $body, ['X-Grid' => '1', 'X-Parts' => $this->parts]);
        $said = json_decode((string) $answer->getBody(), true);
        if ($answer->getStatusCode() !== 200 || ! is_array($said) || $said['refused'] !== []) {
            throw new RuntimeException(
                "Cells of the grid were answered {$answer->getStatusCode()}: ".substr((string) $answer->getBody(), 0, 300),
            );
        }
    }
}
