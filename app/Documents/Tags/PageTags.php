<?php

declare(strict_types=1);

namespace App\Documents\Tags;

use DOMElement;
use DOMNode;
use Dompdf\Adapter\CPDF;
use Dompdf\Canvas;
use Dompdf\Dompdf;
use Dompdf\Frame;
use SplObjectStorage;

/**
 * Marks, while a paper is drawn, every line of words and every picture with the element of the document that it belongs to: what a
 * screen reader says in the order of the document, whatever columns the sheet has. The tree of elements is written by PdfUpdate.
 */
final class PageTags
{
    private const TYPES = [
        'h1' => 'H1', 'h2' => 'H2', 'h3' => 'H3', 'h4' => 'H4', 'p' => 'P', 'div' => 'P', 'ul' => 'L', 'ol' => 'L', 'li' => 'LI',
        'table' => 'Table', 'tr' => 'TR', 'td' => 'TD', 'th' => 'TH', 'dt' => 'P', 'dd' => 'P', 'img' => 'Figure',
    ];

    /** what only groups others */
    private const GROUPS = ['body' => 'Document', 'section' => 'Sect', 'tbody' => 'TBody', 'thead' => 'THead'];

    public readonly TagElement $root;

    /** @var SplObjectStorage<DOMNode, TagElement> */
    private SplObjectStorage $elements;

    /** @var array<int, list<TagElement>> by page (its object), by the number of the piece */
    private array $pieces = [];

    public function __construct()
    {
        $this->root = new TagElement('Document');
        $this->elements = new SplObjectStorage;
    }

    public function watch(Dompdf $pdf): void
    {
        $pdf->setCallbacks([
            ['event' => 'begin_frame', 'f' => $this->begin(...)], ['event' => 'end_frame', 'f' => $this->end(...)],
        ]);
    }

    /** @return array<int, list<TagElement>> by page (its object), by the number of the piece */
    public function pieces(): array
    {
        return $this->pieces;
    }

    private function begin(Frame $frame, Canvas $canvas): void
    {
        if ($canvas instanceof CPDF && self::isPiece($frame)) {
            $element = $this->elementOf($frame->get_node());
            $page = (int) $canvas->get_cpdf()->currentPage;
            $number = count($this->pieces[$page] ?? []);
            $element->parts[] = [$page, $number];
            $this->pieces[$page][] = $element;
            self::write($canvas, "\n/$element->type <</MCID $number>> BDC");
        }
    }

    private function end(Frame $frame, Canvas $canvas): void
    {
        if ($canvas instanceof CPDF && self::isPiece($frame)) {
            self::write($canvas, "\nEMC");
        }
    }

    private static function isPiece(Frame $frame): bool
    {
        $node = $frame->get_node();

        return $node->nodeName === 'img' || ($node->nodeName === '#text' && trim((string) $node->nodeValue) !== '');
    }

    private static function write(CPDF $canvas, string $words): void
    {
        $cpdf = $canvas->get_cpdf();
        $cpdf->objects[$cpdf->currentContents]['c'] .= $words;
    }

    /** The nearest element around it, made with those above it when it is met first: in the order of the document. */
    private function elementOf(DOMNode $node): TagElement
    {
        $type = self::type($node);
        if ($node->parentNode === null || $node->nodeName === 'body') {
            return $this->root;
        }
        if ($type === null) {
            return $this->elementOf($node->parentNode);
        }
        if (! $this->elements->contains($node)) {
            $parent = $this->elementOf($node->parentNode);
            $alt = $node instanceof DOMElement && $node->nodeName === 'img' ? $node->getAttribute('alt') : null;
            $this->elements[$node] = new TagElement($type, $alt, $type === 'TH' ? self::scope($node) : null);
            $parent->parts[] = $this->elements[$node];
        }

        return $this->elements[$node];
    }

    private static function scope(DOMNode $node): string
    {
        $isSaid = $node instanceof DOMElement && $node->getAttribute('scope') === 'col';

        return $isSaid || $node->parentNode?->parentNode?->nodeName === 'thead'
            ? 'Column'
            : 'Row';
    }

    /** Null: it is no element of its own. A table that only lays a sheet out is none. */
    private static function type(DOMNode $node): ?string
    {
        $isLayout = false;
        for ($at = $node; $at !== null && ! in_array($at->nodeName, ['body', 'li', 'p'], true); $at = $at->parentNode) {
            if ($at instanceof DOMElement && $at->nodeName === 'table') {
                $isLayout = $at->getAttribute('role') === 'presentation';
                break;
            }
        }
        $type = self::TYPES[$node->nodeName] ?? self::GROUPS[$node->nodeName] ?? null;

        return $isLayout && in_array($type, ['Table', 'TR', 'TD', 'TH', 'TBody'], true) ? null : $type;
    }
}
