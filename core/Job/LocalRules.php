<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Codebook\PortablePlace;
use Underpin\Job\Part\LocalRulesPart;

/** What the local authority says, where it differs from the code or must be asked. Data, not rules of ours. */
final readonly class LocalRules
{
    /** Feet between a portable machine's exhaust and the house that no local rule makes less. */
    public const LEAST_PORTABLE_FT = PortablePlace::HOUSE_FT;

    public const MOST_PORTABLE_FT = 200.0;

    /**
     * @param  string  $authority  who decides, as printed on papers
     * @param  bool  $splicesInPanel  splices are allowed inside a panel (NEC 2023 312.8 allows them with limits)
     * @param  float  $portableFt  feet that a portable machine keeps from the house, at least 20
     * @param  string  $who  who may do the work
     * @param  list<DemandMethod>  $calculations  load calculations that are accepted
     * @param  ?bool  $meterAdapter  the utility takes meter-socket adapters; null: not asked
     * @param  ?float  $openingFt  feet that a standby keeps from openings; null: as NFPA 37 says
     * @param  ?float  $propertyFt  feet that a machine keeps from the property line; null: not asked
     * @param  ?float  $nightDb  dB(A) at the property line and at a neighbor's window by night; null: not asked
     * @param  ?float  $gasMeterFt  feet that a machine keeps from gas meter and its regulator, as the utility says; null: not asked
     * @param  string  $source  where this was read or who said it
     * @param  string  $dated  when, as YYYY-MM-DD; empty: not known
     */
    public function __construct(
        public string $authority = '',
        public string $edition = 'NEC 2023',
        public bool $splicesInPanel = true,
        public bool $permit = true,
        public bool $inspection = true,
        public float $portableFt = self::LEAST_PORTABLE_FT,
        public string $who = '',
        public array $calculations = [DemandMethod::Standard, DemandMethod::Optional, DemandMethod::Existing, DemandMethod::Measured],
        public string $notes = '',
        public string $source = '',
        public string $dated = '',
        public ?bool $meterAdapter = null,
        public ?float $openingFt = null,
        public ?float $propertyFt = null,
        public ?float $nightDb = null,
        public ?float $gasMeterFt = null,
    ) {
        LocalRulesPart::form()->guard([
            'portable_ft' => $portableFt, 'dated' => $dated, 'opening_ft' => $openingFt, 'property_ft' => $propertyFt,
            'night_db' => $nightDb, 'gas_meter_ft' => $gasMeterFt,
        ]);
    }

    public function accepts(DemandMethod $method): bool
    {
        return in_array($method, $this->calculations, true);
    }

    /**
     * Every rule in words, to compare two sets line by line.
     *
     * @return array<string, string>
     */
    public function lines(): array
    {
        return [
            'Authority' => $this->authority === '' ? 'not named' : $this->authority,
            'Code edition' => $this->edition,
            'Splices in a panel' => $this->splicesInPanel ? 'allowed' : 'not allowed',
            'Permit' => $this->permit ? 'needed' : 'not needed',
            'Inspection' => $this->inspection ? 'needed' : 'not needed',
            'Portable machine from the house' => number_format($this->portableFt).' ft',
            'Standby from openings' => $this->openingFt === null ? 'as NFPA 37 says' : number_format($this->openingFt, 1).' ft',
            'Machine from the property line' => $this->propertyFt === null ? 'not asked' : number_format($this->propertyFt, 1).' ft',
            'Noise at night' => $this->nightDb === null ? 'not asked' : number_format($this->nightDb).' dB(A)',
            'Machine from the gas meter' => $this->gasMeterFt === null ? 'not asked' : number_format($this->gasMeterFt, 1).' ft',
            'Who may do the work' => $this->who === '' ? 'not said' : $this->who,
            'Load calculations accepted' => implode(
                ', ', array_map(fn (DemandMethod $m): string => $m->value, $this->calculations),
            ) ?: 'none',
            'Meter-socket adapters' => match ($this->meterAdapter) {
                true => 'taken by the utility',
                false => 'not taken by the utility',
                null => 'not asked',
            },
            'Notes' => $this->notes === '' ? 'none' : $this->notes,
        ];
    }
}
