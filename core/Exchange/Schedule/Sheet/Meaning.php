<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

/** What a column of a panel schedule holds, by the many words that people write over it. */
enum Meaning: string
{
    case Panel = 'panel';
    case Space = 'space';
    case Poles = 'poles';
    case Amps = 'amps';
    case Name = 'name';
    case Protection = 'protection';
    case Half = 'half';
    case Role = 'role';
    case Load = 'load';
    case Kind = 'kind';
    case RunW = 'run_w';
    case StartW = 'start_w';
    case Pf = 'pf';
    case Note = 'note';
    /** "Circuit": the number where no other column is, and the name where one is. */
    case Circuit = 'circuit';
    /** "Type": a protection, or the poles, as its cells say. */
    case Type = 'type';
    /** "Ph": the leg or the poles, as its cells say. */
    case Phase = 'phase';

    private const WORDS = [
        'panel' => ['panel', 'panel name', 'panelboard', 'board', 'pnl', 'load center'],
        'space' => [
            'space', 'spaces', 'space no', 'space number', 'ckt', 'ckts', 'ckt no', 'ckt number', 'circuit no', 'circuit number',
            'circuit nr', 'cct', 'cct no', 'cir', 'cir no', 'pos', 'position', 'breaker position', 'breaker no', 'breaker number',
            'bkr no', 'no', 'nr', 'num', 'number', 'slot', 'slot no', 'way', '#', 'ckt #', 'circuit #', 'space #', 'cct #', 'cir #',
            'bkr #', 'breaker #', 'pos #',
        ],
        'poles' => ['pole', 'poles', 'p', 'no of poles', 'number of poles', '# poles', '# of poles', 'pole count'],
        'amps' => [
            'amps', 'amp', 'a', 'ampere', 'amperes', 'amperage', 'breaker', 'breakers', 'bkr', 'brkr', 'cb', 'breaker size', 'bkr size',
            'brkr size', 'cb size', 'size', 'trip', 'trip amps', 'trip size', 'trip rating', 'rating', 'ocpd', 'ocp', 'ocpd size',
            'ocpd rating', 'breaker amps', 'breaker amp', 'bkr amps', 'breaker rating', 'breaker trip', 'bkr trip', 'amp rating', 'fuse',
            'amps poles', 'poles amps', 'trip poles', 'poles trip', 'breaker amps poles', 'breaker poles amps', 'bkr a p', 'a p', 'p a',
            'amps a', 'size a', 'trip a', 'breaker a', 'rating a', 'bkr a', 'ocpd a', 'amps trip',
        ],
        'name' => [
            'name', 'circuit name', 'description', 'descr', 'desc', 'circuit description', 'load description', 'serves', 'serving',
            'load served', 'loads served', 'served', 'location', 'locations', 'area', 'area served', 'room', 'feeds',
            'designation', 'label', 'equipment', 'use', 'used for', 'directory', 'circuit directory', 'what it feeds', 'device',
            'description of load', 'description of loads', 'circuit served', 'item', 'fixture', 'outlet', 'what',
        ],
        'protection' => ['protection', 'afci', 'gfci', 'afci gfci', 'gfci afci', 'arc fault', 'ground fault', 'gfi'],
        'half' => ['tandem', 'half', 'twin'],
        'role' => ['role', 'backup', 'backup role', 'on generator'],
        'load' => ['load', 'loads', 'load name', 'appliance', 'appliances'],
        'kind' => ['kind', 'load kind', 'kind of load', 'load type'],
        'run_w' => [
            'run w', 'run watts', 'running w', 'running watts', 'watts', 'w', 'load w', 'load watts', 'runs w', 'watts running', 'wattage',
        ],
        'start_w' => ['start w', 'start watts', 'starting w', 'starting watts', 'surge w', 'surge watts', 'starts w', 'watts starting'],
        'pf' => ['pf', 'power factor', 'p f'],
        'note' => ['note', 'notes', 'remarks', 'remark', 'comment', 'comments'],
        'circuit' => ['circuit', 'circuits'],
        'type' => ['type', 'breaker type', 'bkr type', 'device type'],
        'phase' => ['ph', 'phase', 'leg', 'phases'],
    ];

    /** Null: nothing that a schedule holds. */
    public static function of(string $heading): ?self
    {
        $plain = self::plainWord($heading);
        foreach (self::WORDS as $meaning => $words) {
            if (in_array($plain, $words, true)) {
                return self::from($meaning);
            }
        }

        return null;
    }

    /** @return list<self> what a person may take a column for */
    public static function choices(): array
    {
        return [
            self::Space, self::Amps, self::Poles, self::Name, self::Protection, self::Half, self::Role, self::Load, self::Kind, self::RunW,
            self::StartW, self::Pf, self::Note, self::Panel,
        ];
    }

    /** A number that may have a fraction. */
    public function isFigure(): bool
    {
        return in_array($this, [self::RunW, self::StartW, self::Pf], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Panel => 'panel',
            self::Space => 'space number',
            self::Poles => 'poles',
            self::Amps => 'breaker',
            self::Name => 'what it feeds',
            self::Protection => 'protection',
            self::Half => 'half of a tandem',
            self::Role => 'role',
            self::Load => 'load on the circuit',
            self::Kind => 'kind of load',
            self::RunW => 'running watts',
            self::StartW => 'starting watts',
            self::Pf => 'power factor',
            self::Note => 'note',
            self::Circuit => 'circuit',
            self::Type => 'type',
            self::Phase => 'phase',
        };
    }

    /** In small letters, without what people put around and between the words. */
    public static function plainWord(string $heading): string
    {
        $words = (string) preg_replace('/[\s_.,:;()\[\]\/\-–]+/u', ' ', mb_strtolower($heading));
        $words = (string) preg_replace('/\s*#\s*/', ' # ', $words);

        return trim((string) preg_replace('/\s+/', ' ', $words));
    }
}
