<?php

declare(strict_types=1);

namespace App\Documents\Tags;

use UnexpectedValueException;

/**
 * Adds to a finished file what its writer has no word for: the language, and the tree of what its pages consist of. It is put behind
 * the file as an update of it, as PDF 1.7 (ISO 32000-1, 7.5.6 and 14.7) has it: nothing that is written already is touched.
 */
final class PdfUpdate
{
    private string $body = '';

    /** @var array<int, int> where each object of the update begins */
    private array $places = [];

    private int $next;

    private function __construct(private readonly string $pdf)
    {
        preg_match_all('/\/Size (\d+)/', $pdf, $sizes);
        $this->next = (int) ($sizes[1] === [] ? 0 : end($sizes[1]));
        if ($this->next === 0) {
            throw new UnexpectedValueException('The file has no list of its objects.');
        }
    }

    public static function tagged(string $pdf, PageTags $tags, string $language): string
    {
        $update = new self($pdf);
        $tree = $update->next++;
        $parents = $update->next++;
        /** @var array<int, array<int, int>> $ids object of the element, by page and piece */
        $ids = [];
        $document = $update->element($tags->root, $tree, $ids);
        $pages = array_keys($tags->pieces());
        foreach ($pages as $i => $page) {
            $update->changed($page, "/StructParents $i\n/Tabs /S\n");
        }
        $update->put(
            $tree, "<< /Type /StructTreeRoot\n/K $document 0 R\n/ParentTree $parents 0 R\n/ParentTreeNextKey ".count($pages).' >>',
        );
        $lists = '';
        foreach ($pages as $i => $page) {
            $refs = implode(' ', array_map(fn (int $id): string => "$id 0 R", $ids[$page] ?? []));
            $lists .= "$i [$refs] ";
        }
        $update->put($parents, "<< /Nums [$lists] >>");
        $update->changed(
            1, "/Lang ($language)\n/MarkInfo << /Marked true >>\n/StructTreeRoot $tree 0 R\n"
                ."/ViewerPreferences << /DisplayDocTitle true >>\n",
        );

        return $update->written();
    }

    /** @param  array<int, array<int, int>>  $ids */
    private function element(TagElement $element, int $parent, array &$ids): int
    {
        $id = $this->next++;
        $kids = [];
        foreach ($element->parts as $part) {
            if ($part instanceof TagElement) {
                $kids[] = $this->element($part, $id, $ids).' 0 R';
            } else {
                [$page, $piece] = $part;
                $ids[$page][$piece] = $id;
                $kids[] = "<< /Type /MCR /Pg $page 0 R /MCID $piece >>";
            }
        }
        $more = ($element->alt === null ? '' : "\n/Alt ".self::text($element->alt))
            .($element->scope === null ? '' : "\n/A << /O /Table /Scope /$element->scope >>");
        $this->put($id, "<< /Type /StructElem\n/S /$element->type\n/P $parent 0 R\n/K [".implode(' ', $kids)."]$more >>");

        return $id;
    }

    /** An object of the file as it is, and more in it. */
    private function changed(int $id, string $more): void
    {
        if (preg_match("/(?<=\n)$id 0 obj\n<<(.*?)>>\nendobj/s", $this->pdf, $found) !== 1) {
            throw new UnexpectedValueException("The file has no object $id.");
        }
        $this->put($id, '<<'.rtrim($found[1])."\n$more>>");
    }

    private function put(int $id, string $object): void
    {
        $this->places[$id] = strlen($this->pdf) + strlen($this->body) + 1;
        $this->body .= "\n$id 0 obj\n$object\nendobj";
    }

    private static function text(string $words): string
    {
        return '<'.strtoupper(bin2hex("\xFE\xFF".mb_convert_encoding($words, 'UTF-16BE', 'UTF-8'))).'>';
    }

    private function written(): string
    {
        preg_match_all('/startxref\n(\d+)/', $this->pdf, $before);
        $trailer = substr($this->pdf, (int) strrpos($this->pdf, 'trailer'));
        preg_match_all('/\/(?:Root|Info) \d+ 0 R|\/ID\s*\[.*?\]/s', $trailer, $kept);
        ksort($this->places);
        $table = "\nxref\n";
        foreach ($this->places as $id => $at) {
            $table .= "$id 1\n".sprintf("%010d 00000 n \n", $at);
        }
        $start = strlen($this->pdf) + strlen($this->body) + 1;

        return $this->pdf.$this->body.$table."trailer\n<<\n/Size $this->next\n/Prev ".end($before[1])."\n".implode("\n", $kept[0])
            ."\n>>\nstartxref\n$start\n%%EOF\n";
    }
}
