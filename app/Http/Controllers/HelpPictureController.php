<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Find\Guide;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A picture of the short guide: those that it shows, and no other file. */
final class HelpPictureController extends Controller
{
    public function __invoke(string $picture): BinaryFileResponse
    {
        abort_unless(in_array($picture, Guide::pictures(), true), 404);

        return response()->file(base_path("docs/screenshots/$picture.png"), ['Cache-Control' => 'private, max-age=86400']);
    }
}
