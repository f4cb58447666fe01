<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Illuminate\Support\Carbon;
use Underpin\Checks\Review;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Writer\SvgPrint;
use Underpin\Job\Job as JobFile;
use Underpin\Papers\Block;
use Underpin\Papers\Paper;

/** A paper on letter sheets: the shop at its head, every drawing on a sheet of its own. */
final readonly class PaperPdf
{
    /** points of a letter sheet that a drawing has */
    private const ROOM = [540.0, 640.0];

    /** Points a unit at most: a small panel is not blown up to fill the sheet. */
    private const LARGEST = 0.75;

    /** letters of a cell that stays on one line */
    private const SHORT = 24;

    public static function of(Paper $paper, Job $row, Review $review): string
    {
        $today = Carbon::now()->toDateString();

        return self::blocks($paper->title(), $paper->blocks($review, $today), $row, $review->design->job, $today);
    }

    /**
     * @param  list<Block>  $blocks
     * @param  string  $on  the day that stands at its head, YYYY-MM-DD
     */
    public static function blocks(string $title, array $blocks, Job $row, JobFile $job, string $on): string
    {
        return Sheet::laidOut(view('documents.paper', [
            'title' => $title, 'row' => $row, 'job' => $job, 'blocks' => $blocks, 'written' => Carbon::parse($on),
            'size' => self::size(...),
            'isDay' => self::isDay(...), 'svg' => fn (Drawing $drawing): string => base64_encode(SvgPrint::of($drawing)),
        ])->render())->written();
    }

    /** A short cell with a day in it, which is not broken at the end of a line. */
    private static function isDay(string $cell): bool
    {
        return mb_strlen($cell) <= self::SHORT && preg_match('/\d{4}-\d\d-\d\d/', $cell) === 1;
    }

    /** @return array{float, float} width and height on the sheet, points */
    private static function size(Drawing $drawing): array
    {
        $scale = min(self::LARGEST, self::ROOM[0] / $drawing->sheet->width, self::ROOM[1] / $drawing->sheet->height);

        return [$drawing->sheet->width * $scale, $drawing->sheet->height * $scale];
    }
}
