<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Illuminate\Support\Carbon;
use Underpin\Checks\Review;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Writer\SvgPrint;
use Underpin\Drawing\Writer\Writer;

/** A drawing on one letter sheet, upright or across as it fits better, with whose job it is and when it was drawn. */
final readonly class DrawingPdf implements Writer
{
    /** points of a letter sheet between its margins, under the head and over the foot */
    private const UPRIGHT = [560.0, 610.0];

    private const ACROSS = [740.0, 430.0];

    /** Points a unit at most: a small panel is not blown up to fill the sheet. */
    private const LARGEST = 0.75;

    public function __construct(private Job $row, private Review $review)
    {
    }

    public function extension(): string
    {
        return 'pdf';
    }

    public function mime(): string
    {
        return 'application/pdf';
    }

    public function write(Drawing $drawing): string
    {
        $upright = self::scale($drawing, self::UPRIGHT);
        $across = self::scale($drawing, self::ACROSS);
        $scale = max($upright, $across);
        $html = view('documents.drawing', [
            'row' => $this->row, 'job' => $this->review->design->job, 'drawing' => $drawing, 'drawn' => Carbon::now(),
            'dangers' => $this->review->dangers(),
            'svg' => base64_encode(SvgPrint::of($drawing)),
            'width' => $drawing->sheet->width * $scale, 'height' => $drawing->sheet->height * $scale,
        ])->render();

        return Sheet::laidOut($html, $across > $upright ? 'landscape' : 'portrait')->written();
    }

    /** @param  array{float, float}  $room */
    private static function scale(Drawing $drawing, array $room): float
    {
        return min(self::LARGEST, $room[0] / $drawing->sheet->width, $room[1] / $drawing->sheet->height);
    }
}
