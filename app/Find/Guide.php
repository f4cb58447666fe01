<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Str;

/** The paragraphs of the short guide, each under its heading. */
final class Guide implements Place
{
    private const MOST = 5;

    public function find(string $text, User $user, ?Job $open): array
    {
        $found = [];
        foreach (self::chapters() as $heading => $words) {
            if (Words::match($text, $heading, (string) preg_replace('/!\[([^]]*)\]\([^)]*\)/', '$1', $words))) {
                $found[] = new Found($heading, 'help', route('help').'#'.Str::slug($heading));
            }
        }

        return array_slice($found, 0, self::MOST);
    }

    /** @return array<string, string> text in Markdown, by heading */
    public static function chapters(): array
    {
        $chapters = [];
        foreach (preg_split('/^## /m', (string) file_get_contents(base_path('docs/guide.md'))) ?: [] as $i => $chapter) {
            if ($i > 0) {
                [$heading, $words] = [...explode("\n", $chapter, 2), ''];
                $chapters[trim($heading)] = trim($words);
            }
        }

        return $chapters;
    }

    /** @return list<string> names of the pictures that it shows */
    public static function pictures(): array
    {
        preg_match_all('~\(screenshots/([a-z]+)\.png\)~', implode("\n", self::chapters()), $found);

        return $found[1];
    }

    /** A chapter as markup, its pictures by their address in the app. */
    public static function markup(string $words): string
    {
        $html = Str::markdown($words, ['html_input' => 'escape', 'allow_unsafe_links' => false]);

        $address = fn (array $found): string => 'loading="lazy" src="'.route('help.picture', $found[1]).'"';

        return (string) preg_replace_callback('~src="screenshots/([a-z]+)\.png"~', $address, $html);
    }
}
