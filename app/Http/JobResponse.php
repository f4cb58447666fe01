<?php

declare(strict_types=1);

namespace App\Http;

use App\Screens\JobScreen;
use App\Screens\Pages\Part;
use App\Screens\Pages\PartHtml;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The answer to a change: where the page's script asked, the parts of its page that differ from
 * those that the browser has, as HTML; a redirect to the page where a plain form was sent.
 */
final class JobResponse
{
    /** in the head that names the parts: none is wanted */
    private const NONE = 'none';

    /** characters of what is said in a head; encoded they take up to twelve bytes each */
    private const LONGEST_SAID = 280;

    public static function changed(Request $request, JobScreen $screen, string $said = ''): Response|RedirectResponse
    {
        if (! self::wanted($request)) {
            return redirect($screen->links->to($screen->stage, array_filter(['at' => $screen->at])))->with('status', $said);
        }
        // More is on its way from the same device: the page is made once, with the last of it.
        if ($request->headers->get('X-Parts') === self::NONE) {
            return self::html('', $said);
        }

        return self::html(self::parts($request, $screen, $screen->page->parts()), $said);
    }

    /**
     * Those that the change touched and that the browser has not as they are now.
     *
     * @param  list<Part>  $parts
     */
    public static function parts(Request $request, JobScreen $screen, array $parts): string
    {
        $has = self::has($request);
        $sent = '';
        foreach ($parts as $part) {
            $isThere = $has === [] || array_key_exists($part->name(), $has) || $part->name() === 'circuits' || ! $part->isOne();
            if ($isThere && ($screen->patch === null || $part->isTouchedBy($screen->patch))) {
                foreach ($part->htmls($screen) as $name => $html) {
                    $sent .= $html->print === ($has[$name] ?? '') ? '' : $html->html;
                }
            }
        }

        return $sent;
    }

    /**
     * One part, whatever the browser has.
     *
     * @param  view-string  $view
     */
    public static function part(JobScreen $screen, string $view): Response
    {
        return self::html(PartHtml::of($view, $screen)->html);
    }

    public static function html(string $html, string $said = ''): Response
    {
        return response($html)->header('X-Said', rawurlencode(self::short($said)))->header('Vary', 'X-Parts');
    }

    /** A head that is too long for a server in between would turn what is saved into an error. */
    private static function short(string $said): string
    {
        return mb_strlen($said) > self::LONGEST_SAID ? mb_substr($said, 0, self::LONGEST_SAID - 1).'…' : $said;
    }

    public static function wanted(Request $request): bool
    {
        return $request->headers->has('X-Parts');
    }

    /** @return array<string, string> the print of every part that the browser has, by its name; none: it did not say */
    private static function has(Request $request): array
    {
        preg_match_all('/([a-z0-9-]{1,40}):([0-9a-f]{8})/', (string) $request->headers->get('X-Parts'), $found, PREG_SET_ORDER);

        return array_column($found, 2, 1);
    }
}
