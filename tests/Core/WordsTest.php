<?php

declare(strict_types=1);

namespace Tests\Core\WordsTest;

use Tests\Support\SourceFile;

/** How others spell what is spelled in the way of the United States here. */
const ELSEWHERE = [
    'colour', 'colours', 'stabiliser', 'refuelling', 'refuelled', 'labour', 'judgement', 'aluminium', 'grey', 'energise', 'energised',
    'neighbour', 'neighbours', 'recognise', 'metre', 'metres', 'cancelled', 'travelling', 'licence', 'programme', 'centre', 'practise',
    'practised', 'vapour', 'tyre', 'kerb', 'favourite', 'behaviour', 'organise', 'analyse', 'cheque', 'mould',
];

/** @return list<string> sentences: words with a blank between them, as they stand in strings of PHP */
function sentences(string $code): array
{
    $said = [];
    foreach (token_get_all($code) as $token) {
        if (is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true)) {
            $said[] = $token[1];
        }
    }

    return array_values(array_filter($said, fn (string $text): bool => preg_match('/[a-z] [a-z]/i', $text) === 1));
}

/** What a page says, without its tags and what is computed in it, and the sentences that are picked there. */
function page(string $blade): string
{
    $computed = ['/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}/s', '/\{!!.*?!!\}/s', '/@\w+(\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\))?/s'];
    $words = preg_replace($computed, ' ', $blade);

    preg_match_all("/'([^'<>]*[a-z] [a-z][^'<>]*)'/i", $blade, $quoted);

    // An arrow in an attribute ends no tag.
    return preg_replace('/<[^>]*>/', ' ', str_replace('->', ' ', (string) $words)).' '.implode(' ', $quoted[1]);
}

it('says one word for one thing, in the spelling of the United States', function () {
    $root = dirname(__DIR__, 2);
    preg_match_all('/^\| [^|]+ \| [^|]+ \| ([^|]*) \|$/m', (string) file_get_contents("$root/docs/words.md"), $rows);
    $not = array_filter(array_merge(...array_map(fn (string $cell): array => explode(', ', trim($cell)), array_slice($rows[1], 1))));
    expect(count($not))->toBeGreaterThan(30);
    $pattern = '/\b('.implode('|', array_map(fn (string $word): string => preg_quote($word, '/'), [...$not, ...ELSEWHERE])).')\b/i';
    $texts = [];
    // What people call things is taken where they look for them, and where their sheets are read.
    $takes = ['core/Exchange/Schedule/Sheet/Meaning.php', 'app/Find/Actions.php'];
    foreach ([...SourceFile::under('core'), ...SourceFile::under('app')] as $file) {
        $texts[$file->path] = in_array($file->path, $takes, true) ? '' : implode("\n", sentences($file->code));
    }
    foreach (SourceFile::under('resources/views') as $file) {
        $texts[$file->path] = page($file->code);
    }
    foreach (['README.md', ...array_map(fn (string $path): string => 'docs/'.basename($path), glob("$root/docs/*.md") ?: [])] as $path) {
        $texts[$path] = $path === 'docs/words.md' ? '' : (string) file_get_contents("$root/$path");
    }
    $found = [];
    foreach ($texts as $path => $text) {
        preg_match_all($pattern, $text, $words);
        foreach (array_unique(array_map(strtolower(...), $words[1])) as $word) {
            $found[] = "$path: $word";
        }
    }
    expect(count($texts))->toBeGreaterThan(1000)->and($found)->toBe([]);
});
