<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Documents\DrawingPdf;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Writer\DxfFile;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Drawing\Writer\Writer;

/** One sheet of a drawing as a file to take along. */
final class DrawingController extends Controller
{
    public function __invoke(Drawings $drawings, Job $job, string $drawing, int $sheet, string $format): Response
    {
        $edited = JobEditor::open($job);
        $writer = $this->writer($format, new SvgFile, new DxfFile, new DrawingPdf($job, $edited->review));
        $drawn = $drawings->find($drawing)?->sheets($edited->review->design)[$sheet - 1] ?? abort(404);
        $name = Str::slug("$job->name $drawn->title") ?: 'drawing';

        return response($writer->write($drawn), 200, [
            'Content-Type' => $writer->mime(),
            'Content-Disposition' => "attachment; filename=\"$name.{$writer->extension()}\"",
        ]);
    }

    private function writer(string $format, Writer ...$writers): Writer
    {
        foreach ($writers as $writer) {
            if ($writer->extension() === $format) {
                return $writer;
            }
        }
        abort(404);
    }
}
