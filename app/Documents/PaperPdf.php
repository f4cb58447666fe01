<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Illuminate\Support\Carbon;
use Underpin\Checks\Review;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Writer\SvgPrint;
use Underpin\Papers\Paper;

/** A paper on letter sheets: the shop at its head, every drawing on a sheet of its own. */
final readonly class PaperPdf
{
    /** points of a letter sheet that a drawing has */
    private const ROOM = [540.0, 640.0];

    /** Points a unit at most: a small panel is not blown up to fill the sheet. */
    private const LARGEST = 0.75;

    public static function of(Paper $paper, Job $row, Review $review): string
    {
        $pdf = Sheet::empty();
        $pdf->setPaper('letter', 'portrait');
        $pdf->loadHtml(view('documents.paper', [
            'paper' => $paper, 'row' => $row, 'job' => $review->design->job, 'blocks' => $paper->blocks($review),
            'written' => Carbon::now(),
            'size' => self::size(...), 'svg' => fn (Drawing $drawing): string => base64_encode(SvgPrint::of($drawing)),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }

    /** @return array{float, float} width and height on the sheet, points */
    private static function size(Drawing $drawing): array
    {
        $scale = min(self::LARGEST, self::ROOM[0] / $drawing->sheet->width, self::ROOM[1] / $drawing->sheet->height);

        return [$drawing->sheet->width * $scale, $drawing->sheet->height * $scale];
    }
}
