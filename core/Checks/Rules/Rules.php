<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

/** Every rule that an arrangement is judged by. */
final class Rules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            new Backfeed,
            new MaleMale,
            new EngineIndoors,
            new OpeningNear,
            new HouseNear,
            new InletExposed,
            new SubpanelBonded,
            new BreakerOverWire,
            new WireUnderOutlet,
            new BreakerOverInlet,
            new BreakerOverCord,
            new CordUnderOutlet,
            new BreakerOverSwitch,
            new MultiwireOnOneHot,
            new OtherSourceConnected,
            new NoGroundWire,
            new NoBond,
            new InterlockUnlisted,
            new InterlockPlace,
            new HoldDown,
            new BreakerPoles,
            new InletUnderMachine,
            new InletWet,
            new InletLoose,
            new CableWet,
            new ControlWithPower,
            new TwoBonds,
            new GfciTrips,
            new NoElectrode,
            new NotServiceRated,
            new SwitchUnderService,
            new AutoUnderLoad,
            new SplicesForbidden,
            new NeutralLeftBehind,
            new AfciLost,
            new CircuitOverSwitch,
            new CollarUnapproved,
            new LegOverRun,
            new StartOverSurge,
            new LegOverInlet,
            new WallNear,
            new ServiceSpace,
            new GasPipeSmall,
            new GasMeterSmall,
            new GeneratorUnlisted,
            new Feeder115,
            new StopSwitch,
            new Only120,
            new DropOverThree,
            new NoPermit,
            new NotLevel,
            new SnowFlood,
            new CoAlarm,
            new LabelInlet,
            new LabelService,
            new LabelPanel,
            new LegsApart,
            new InletSmallFuture,
        ];
    }
}
