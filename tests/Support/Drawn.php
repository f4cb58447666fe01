<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Drawing\Box;
use Underpin\Drawing\Canvas;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Group;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;

/** A canvas that only notes what is drawn on it. */
final class Drawn implements Canvas
{
    /** @var list<Element> */
    public array $elements = [];

    /** @var list<Link> */
    public array $links = [];

    private function __construct()
    {
    }

    public static function of(Drawing $drawing, ?string $layer = null): self
    {
        $drawn = new self;
        foreach ($drawing->layers as $each) {
            if ($layer === null || $each->name === $layer) {
                $drawn->layer($each);
            }
        }

        return $drawn;
    }

    /**
     * @template T of Element
     *
     * @param  class-string<T>  $kind
     * @return list<T>
     */
    public function only(string $kind): array
    {
        return array_values(array_filter($this->elements, fn (Element $e): bool => $e instanceof $kind));
    }

    /** @return list<string> */
    public function words(): array
    {
        return array_map(fn (Text $t): string => $t->words, $this->only(Text::class));
    }

    /** @return list<Box> around everything whose size is known without a font */
    public function boxes(): array
    {
        return array_values(array_filter(array_map(fn (Element $e): ?Box => match (true) {
            $e instanceof Rect => $e->box,
            $e instanceof Circle => new Box($e->x - $e->radius, $e->y - $e->radius, 2 * $e->radius, 2 * $e->radius),
            $e instanceof Line => self::around([$e->x1, $e->x2], [$e->y1, $e->y2]),
            $e instanceof Path => self::around(
                array_merge(...array_map(fn ($t) => array_column($t->points, 'x'), $e->traces)),
                array_merge(...array_map(fn ($t) => array_column($t->points, 'y'), $e->traces)),
            ),
            $e instanceof Text => new Box($e->x + $e->aside, $e->y, 0, 0),
            default => null,
        }, $this->elements)));
    }

    public function layer(Layer $layer): void
    {
        $this->all($layer->elements);
    }

    public function rect(Rect $rect): void
    {
        $this->elements[] = $rect;
    }

    public function line(Line $line): void
    {
        $this->elements[] = $line;
    }

    public function path(Path $path): void
    {
        $this->elements[] = $path;
    }

    public function circle(Circle $circle): void
    {
        $this->elements[] = $circle;
    }

    public function text(Text $text): void
    {
        $this->elements[] = $text;
    }

    public function group(Group $group): void
    {
        $this->all($group->elements);
    }

    public function link(Link $link): void
    {
        $this->links[] = $link;
        $this->all($link->elements);
    }

    public function placed(Placed $placed): void
    {
        $this->elements[] = $placed;
    }

    /** @param  list<Element>  $elements */
    private function all(array $elements): void
    {
        foreach ($elements as $element) {
            $element->drawOn($this);
        }
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function around(array $x, array $y): Box
    {
        return new Box(min($x), min($y), max($x) - min($x), max($y) - min($y));
    }
}
