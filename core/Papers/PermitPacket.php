<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Sign;
use Underpin\Assembly\TableRow;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Codebook\Edition;
use Underpin\Demand\DemandLine;
use Underpin\Demand\Worksheet;
use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Say;

/** What an authority wants to see: what is built, by which rules, with the load calculation, the drawings and the signs. */
final class PermitPacket implements Paper
{
    /** drawings that go with it, in their order */
    private const DRAWINGS = ['one-line', 'site-plan', 'panel-before', 'panel-after'];

    public function key(): string
    {
        return 'permit-packet';
    }

    public function title(): string
    {
        return 'Permit packet';
    }

    public function waitsFor(Review $review): string
    {
        return match (true) {
            $review->design->supply() === null => 'a machine is to be picked first',
            $review->design->way() === null => 'a way of connecting is to be picked first',
            $review->design->assembly() === null => 'no conductor of the tables carries what the outlet gives',
            default => '',
        };
    }

    public function blocks(Review $review, string $today): array
    {
        $design = $review->design;
        $built = $design->assembly();

        return $built === null ? [] : [
            ...$this->draft($review), Block::table($this->cover($design)),
            ...$this->calculation($design),
            Block::heading('Equipment'), Block::table($this->equipment($design)),
            Block::heading('Conductors, ratings and rules'), Block::table($this->rules($design, $built)),
            Block::heading('Signs'), Block::table([['Where', 'Words'], ...array_map(
                fn (Sign $s): array => [$s->place, implode(' / ', [$s->heading, ...$s->words])], $built->signs(),
            )]),
            Block::toFill('Licensed electrician, license no.', 'Signature and date'),
            ...PaperDrawings::of($design, ...self::DRAWINGS),
        ];
    }

    /** @return list<Block> what is wrong or open: a packet with it is no more than a draft */
    private function draft(Review $review): array
    {
        $bad = array_filter($review->findings, fn (Finding $f): bool => $f->severity !== Severity::Advice);
        $open = PartsList::of($review->design)->missing;

        return [
            ...$bad === [] ? [] : [Block::warning('Draft, not to be handed in: '.Say::list(array_values(array_map(
                fn (Finding $f): string => rtrim($f->what, '.'), $bad,
            )), 6).'.')],
            ...$open === [] ? [] : [Block::words('Not measured or not chosen yet: '.Say::list($open, 12).'.')],
        ];
    }

    /** @return list<list<string>> */
    private function cover(Design $design): array
    {
        $job = $design->job;
        $supply = $design->supply();
        $rules = $job->authority->rules;

        return array_values(array_filter([
            ['What', 'On this job'],
            ['Customer', $job->customer->name], ['Address', $job->customer->address], ['Authority', $rules->authority],
            ['Code', $rules->edition.($rules->dated === '' ? '' : ", local rules as of $rules->dated")],
            ['Service', $job->service->amps === null ? 'not looked' : "{$job->service->amps} A, 120/240 V"],
            ['Machine', $supply === null ? '' : $supply->words().', '.Say::watts($supply->runW()).' here'],
            ['Connection', ucfirst($design->way()?->words() ?? '')],
            ['Solar or a battery', $this->otherSource($job)],
            ['Full load by the calculation', $this->worksheet($design) === null
                ? 'not calculated' : number_format($this->worksheet($design)->demandVa).' VA'],
        ], fn (array $row): bool => $row[1] !== ''));
    }

    private function otherSource(Job $job): string
    {
        $source = $job->service->otherSource;

        return match (true) {
            $source === null => 'not looked',
            ! $source->isThere() => 'none',
            default => implode('; ', [
                $source->kind->words().' at '.($job->service->panel($source->at)->name ?? 'a place not looked for'),
                $source->disconnect === '' ? 'its disconnect not looked for' : "disconnect \"$source->disconnect\"",
                'while the generator runs: '.($source->run?->words() ?? 'not decided'),
            ]),
        };
    }

    /** @return list<Block> */
    private function calculation(Design $design): array
    {
        $sheet = $this->worksheet($design);
        $code = Edition::of($design->job->authority->rules->edition);

        return $sheet === null ? [] : [
            Block::heading("Load calculation: {$sheet->method->words()}, {$code->name()}"), Block::table([
                ['Line', 'VA', 'Section'],
                ...array_map(fn (DemandLine $l): array => [$l->label, number_format($l->va), $code->sections($l->section)], $sheet->lines),
                ['Demand', number_format($sheet->demandVa), number_format($sheet->demandAmps(), 1).' A'],
            ]),
        ];
    }

    private function worksheet(Design $design): ?Worksheet
    {
        $demand = $design->job->basis->demand;

        return $demand === null ? null : Worksheet::of($demand);
    }

    /** @return list<list<string>> */
    private function equipment(Design $design): array
    {
        return [['Part', 'Quantity', 'For'], ...array_map(fn (PartLine $line): array => [
            $line->part, Say::figure($line->quantity).' '.$line->unit, implode('; ', $line->because),
        ], PartsList::of($design)->lines)];
    }

    /** @return list<list<string>> */
    private function rules(Design $design, Assembly $built): array
    {
        $edition = $design->job->authority->rules->edition;

        return [['Part', 'Pick', 'Rule'], ...array_map(fn (TableRow $row): array => [
            $row->line->part, $row->line->pick, $row->line->source->words($edition),
        ], $built->rows())];
    }
}
