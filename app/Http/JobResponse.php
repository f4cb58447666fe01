<?php

declare(strict_types=1);

namespace App\Http;

use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The answer to a change: the parts of the page that changed, as HTML, where the page's script
 * asked; a redirect to the page where a plain form was sent.
 */
final class JobResponse
{
    /**
     * @param  list<string>  $parts  names of views under parts/
     */
    public static function parts(Request $request, JobScreen $screen, array $parts, string $said = ''): Response|RedirectResponse
    {
        if (! self::wanted($request)) {
            return redirect()->route('jobs.stage', array_filter([
                'job' => $screen->row->id, 'stage' => $screen->stage->value, 'at' => $screen->at,
            ]))->with('status', $said);
        }

        return response(view('parts', ['screen' => $screen, 'parts' => $parts])->render())
            ->header('X-Said', rawurlencode($said))
            ->header('Vary', 'X-Parts');
    }

    public static function wanted(Request $request): bool
    {
        return $request->headers->has('X-Parts');
    }
}
