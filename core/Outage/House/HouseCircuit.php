<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\ShedLoad;

/** A breaker of the house in an outage. */
final readonly class HouseCircuit
{
    public string $id;

    public string $title;

    public bool $isMedical;

    /** minutes that every medical load on it bridges by itself; null: not asked of one of them, or there is none */
    public ?float $bridgeMin;

    /** seconds to wait after it was brought on */
    public float $settleS;

    public float $runAmps;

    /**
     * @param  list<int>  $loads  places of its loads in the house
     * @param  ?ShedLoad  $shed  null: nothing takes it off by itself
     */
    public function __construct(Circuit $circuit, public array $loads, public ?ShedLoad $shed)
    {
        $this->id = $circuit->id;
        $this->title = $circuit->title();
        $this->isMedical = $circuit->isMedical();
        $medical = array_filter($circuit->loads, fn (Load $load): bool => $load->kind === LoadKind::Medical);
        $bridges = array_map(fn (Load $load): ?float => $load->bridgeMin, array_values($medical));
        $this->bridgeMin = $bridges === [] || in_array(null, $bridges, true) ? null : min($bridges);
        $this->settleS = $circuit->settleS();
        $this->runAmps = $circuit->runAmps();
    }
}
