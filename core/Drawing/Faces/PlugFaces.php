<?php

declare(strict_types=1);

namespace Underpin\Drawing\Faces;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Outlet;

/** The face of a receptacle and of what goes into it: contacts, letters, and which side is live. NEMA WD 6, NEC 2023 406.7. */
final readonly class PlugFaces
{
    private const R = 92.0;

    private const TOP = 132.0;

    private const MIDDLES = [180.0, 540.0];

    private const LINE = 20.0;

    public function __construct(private Outlet $outlet)
    {
    }

    public function drawing(): Drawing
    {
        $contacts = Contact::of($this->outlet);
        $mirrored = array_map(fn (Contact $c): Contact => $c->mirrored(), $contacts);
        $below = self::TOP + self::R + 34;
        $notes = array_map(fn (Contact $c, int $n): Text => new Text(
            self::MIDDLES[0] - 130, $below + 30 + $n * self::LINE, "$c->letter: {$c->words()}", FaceInk::Note,
        ), $contacts, array_keys($contacts));

        return new Drawing("Faces of {$this->outlet->value} and {$this->outlet->plug()}", Sheet::diagram(
            720, $below + 44 + count($contacts) * self::LINE,
        ), [
            new Layer('faces', [...$this->face($contacts, self::MIDDLES[0], false), ...$this->face($mirrored, self::MIDDLES[1], true)]),
            new Layer('notes', [
                new Text(self::MIDDLES[0], 22, "{$this->outlet->value}, female", FaceInk::Name, Anchor::Middle),
                new Text(self::MIDDLES[1], 22, "{$this->outlet->plug()}, male", FaceInk::Name, Anchor::Middle),
                new Text(self::MIDDLES[0], $below, 'live while the machine runs', FaceInk::Live, Anchor::Middle),
                new Text(self::MIDDLES[1], $below, 'never live by itself', FaceInk::Note, Anchor::Middle), ...$notes,
                new Text(self::MIDDLES[1] - 150, $below + 30, 'A scheme, looked at from the front. The letters', FaceInk::Note),
                new Text(self::MIDDLES[1] - 150, $below + 30 + self::LINE, 'beside the terminals decide.', FaceInk::Note),
            ]),
        ], [['Contact', 'Conductor', 'Female side', 'Male side'], ...array_map(fn (Contact $c): array => [
            $c->letter, $c->words(),
            $c->letter === 'W' || $c->letter === 'G' ? 'not live when all is whole' : 'live while the machine runs',
            'never live by itself',
        ], $contacts)]);
    }

    /**
     * @param  list<Contact>  $contacts
     * @return list<Element>
     */
    private function face(array $contacts, float $middle, bool $isMale): array
    {
        $elements = [new Circle($middle, self::TOP, self::R, FaceInk::Body)];
        foreach ($contacts as $contact) {
            [$x, $y] = [$middle + $contact->x * self::R * 0.92, self::TOP + $contact->y * self::R * 0.92];
            array_push($elements, ...$this->contact($contact, $x, $y, $middle, $isMale));
            $isArc = $contact->shape === ContactShape::Arc || $contact->shape === ContactShape::HookedArc;
            [$u, $v] = $isArc
                ? [$middle + $contact->x * self::R * 0.52, self::TOP + $contact->y * self::R * 0.52]
                : [$x + ($contact->x < 0 ? -28 : 28), $y];
            $elements[] = new Text($u, $v + 6, $contact->letter, FaceInk::Letter, Anchor::Middle);
        }

        return $elements;
    }

    /** @return list<Element> */
    private function contact(Contact $contact, float $x, float $y, float $middle, bool $isMale): array
    {
        $ink = $isMale ? FaceInk::Blade : FaceInk::Slot;
        $upright = new Rect(new Box($x - 4.5, $y - 18, 9, 36), $ink, 1.5);
        $lean = fn (float $by): Path => new Path([Trace::through([$x - $by, $y - 14], [$x + $by, $y + 14])], FaceInk::Arc);

        return match ($contact->shape) {
            ContactShape::Round => [new Circle($x, $y, 10, $ink)],
            ContactShape::Upright => [$upright],
            ContactShape::Tee => $isMale
                ? [new Rect(new Box($x - 18, $y - 4.5, 36, 9), $ink, 1.5)]
                : [$upright, new Rect(new Box($x - 18, $y - 4.5, 18, 9), $ink, 1.5)],
            ContactShape::LeansLeft => [$lean(9)],
            ContactShape::LeansRight => [$lean(-9)],
            ContactShape::Arc => [self::arc($x, $y, $middle)],
            ContactShape::HookedArc => [self::arc($x, $y, $middle), new Path([Trace::through(
                self::along($x, $y, $middle, 0.34), [
                    self::along($x, $y, $middle, 0.34)[0] + ($middle - $x) * 0.2 - ($isMale ? 6 : -6),
                    self::along($x, $y, $middle, 0.34)[1] + (self::TOP - $y) * 0.2,
                ],
            )], FaceInk::Arc)],
        };
    }

    /** A curved contact, the middle of the face its centre. */
    private static function arc(float $x, float $y, float $middle): Path
    {
        [$u, $v] = self::along($x, $y, $middle, -0.34);
        [$s, $t] = self::along($x, $y, $middle, 0.34);

        return new Path([Trace::open([new Point($u, $v, tan(0.34 * 2 / 4)), new Point($s, $t)])], FaceInk::Arc);
    }

    /** @return array{float, float} the place turned about the middle, radians, clockwise as seen */
    private static function along(float $x, float $y, float $middle, float $by): array
    {
        [$dx, $dy] = [$x - $middle, $y - self::TOP];

        return [$middle + $dx * cos($by) - $dy * sin($by), self::TOP + $dx * sin($by) + $dy * cos($by)];
    }
}
