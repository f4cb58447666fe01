<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Find\Guide;
use App\Find\Rules;
use Illuminate\Contracts\View\View;

/** The short guide, the keys, and the sections of the code that the program cites. */
final class HelpController extends Controller
{
    public function __invoke(): View
    {
        return view('help', ['chapters' => Guide::chapters(), 'sections' => Rules::sections()]);
    }
}
