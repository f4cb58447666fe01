<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** Every way of connecting: the registry that the stages, the job file and the command follow. */
final readonly class Ways
{
    /** @param  list<Way>  $ways  in the order that a page shows them */
    public function __construct(private array $ways)
    {
    }

    public static function standard(): self
    {
        return new self([
            new Interlock, new InterlockOnSubpanel, new AttachedCord, new ManualTransferSwitch, new TransferSubpanel, new TransferMainPanel,
            new WholeHouseSwitch, new MeterAdapter, new AutomaticSwitch, new ServiceAutomatic, new SeveralAutomatic, new SingleLoadSwitch,
            new ExtensionCords,
        ]);
    }

    public function with(Way $way): self
    {
        return new self([...$this->ways, $way]);
    }

    /** @return list<Way> */
    public function all(): array
    {
        return $this->ways;
    }

    /** @return array<string, string> what a person reads, by key */
    public function options(): array
    {
        $options = [];
        foreach ($this->ways as $way) {
            $options[$way->key()] = $way->words();
        }

        return $options;
    }

    /** Null where nothing is picked, or no way has this key. */
    public function find(?string $key): ?Way
    {
        foreach ($this->ways as $way) {
            if ($way->key() === $key) {
                return $way;
            }
        }

        return null;
    }
}
