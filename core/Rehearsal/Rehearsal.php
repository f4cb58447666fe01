<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/**
 * A house on the screen: an outage strikes, handles are thrown one after the other, and what follows from each is worked out. Nothing
 * that a plate or a switch locks can be joined; a mistake is told by what it would have done.
 */
final readonly class Rehearsal
{
    /** Seconds after which a choke that is still out starves it. */
    private const CHOKE_S = 120;

    /** Seconds of steady utility before going back: 10 to 15 minutes. */
    private const STEADY_S = 600;

    private Feeds $feeds;

    private PanelHandles $panel;

    private MachineHandles $machine;

    public function __construct(public House $house, public Scene $scene = Scene::Night)
    {
        $this->feeds = new Feeds($house);
        $reaction = new Reaction($house, $this->feeds);
        $this->panel = new PanelHandles($house, $this->feeds, $reaction);
        $this->machine = new MachineHandles($house, $this->feeds, $reaction);
    }

    /** The outage has struck: everything is as it was a second ago. */
    public function begin(): State
    {
        $on = [];
        foreach ($this->house->circuits as $circuit) {
            $on[$circuit->id] = $this->house->arrangement !== Arrangement::Places && $this->house->arrangement !== Arrangement::Cords;
        }

        return (new State(on: $on, cordAtInlet: $this->house->cordStays(), idle: $this->house->hasValve()))->saying($this->scene->opens().(
            $this->house->arrangement === Arrangement::Automatic
                ? ' The machine should start by itself within half a minute; tonight it does not.'
                : ' Everything is as it was a second ago: breakers on, the machine in its place.'
        ));
    }

    /** @param  list<Handle>  $handles */
    public function after(array $handles): State
    {
        $state = $this->begin();
        $before = [];
        foreach ($handles as $handle) {
            if ($handle->kind === HandleKind::TakeBack) {
                $last = array_pop($before);
                // What happened has been seen, and stays told; its effect goes.
                $state = $last === null ? $state : $last->with(s: $state->s + $handle->afterS,
                    happenings: $state->happenings)->saying('Taken back.');

                continue;
            }
            $before[] = $state;
            $state = $this->done($this->passed($state, $handle), $handle);
        }

        return $state;
    }

    /** @return list<string> ids of circuits that the generator feeds */
    public function fed(State $state): array
    {
        return $this->feeds->generator($state);
    }

    /** @return list<string> ids of circuits that the utility feeds */
    public function onUtility(State $state): array
    {
        return $this->feeds->utility($state);
    }

    /** Volts of a leg to neutral at the panel. */
    public function volts(State $state): float
    {
        $worst = $this->house->legs($this->fed($state))->worstAmps();

        return $state->isRunning() ? 121.0 - 4.0 * $worst / max(1.0, $this->house->supply->runLimitAmps()) : 0.0;
    }

    /** What the card says next. */
    public function next(State $state): string
    {
        return (new NextStep($this))->of($state);
    }

    /** What goes by while the person walks, waits or thinks. */
    private function passed(State $state, Handle $handle): State
    {
        $state = $state->with(s: $state->s + $handle->afterS + ($handle->kind === HandleKind::Wait ? 60 * max(1, min(15,
            (int) $handle->of)) : 0));
        if ($state->isRunning() && $state->choke && ! $state->chokeSaid && $state->ranS() > self::CHOKE_S) {
            return $state->with(chokeSaid: true)->saying('The choke is still out: it runs rough, fouls its plug and would die under the '
                .'first load.', true);
        }

        return $state;
    }

    private function done(State $state, Handle $handle): State
    {
        $next = match ($handle->kind) {
            HandleKind::Main => $this->panel->main($state),
            HandleKind::Plate => $this->panel->plate($state),
            HandleKind::Generator => $this->panel->generator($state),
            HandleKind::Lever => $this->panel->lever($state, $handle->of),
            HandleKind::Circuit => $this->panel->circuit($state, $handle->of),
            HandleKind::CordAtInlet => $this->panel->cordAtInlet($state),
            HandleKind::CordAtMachine => $this->panel->cordAtMachine($state),
            HandleKind::Spot => $this->machine->spot($state, $handle->of),
            HandleKind::Valve => $this->machine->valve($state),
            HandleKind::Choke => $state->with(choke: ! $state->choke)->saying($state->choke ? 'Choke in.' : 'Choke out.'),
            HandleKind::Idle => $state->with(idle: ! $state->idle)->saying($state->idle ? 'Idle mode off.' : 'Idle mode on.'),
            HandleKind::Engine => $state->isRunning() ? $this->machine->stop($state) : $this->machine->start($state),
            HandleKind::Refuel => $this->machine->refuel($state),
            HandleKind::UtilityBack => $this->utilityBack($state),
            HandleKind::Wait, HandleKind::TakeBack => $state,
        };

        return $this->reached($next);
    }

    /** Whether what must run runs, and whether all is as it was. */
    private function reached(State $state): State
    {
        $fed = $this->fed($state);
        if (! $state->ran && array_diff($this->house->order(), $fed) === []) {
            $state = $state->with(ran: true)->saying('Everything that must run, runs.');
        }
        $isBack = $state->backS !== null && ! $state->isRunning() && array_diff($this->house->order(), $this->onUtility($state)) === []
            && ! $state->generator && ! $state->plateFreesGenerator && ! $state->valve && ! $state->cordAtMachine
            && $state->cordAtInlet === $this->house->cordStays();

        return $isBack && $state->ran && ! $state->isOver
            ? $state->with(isOver: true)->saying('Everything is on the utility again, and the machine at rest.') : $state;
    }

    private function utilityBack(State $state): State
    {
        return ! $state->ran || $state->utility ? $state : $state->with(s: $state->s + self::STEADY_S, utility: true, backS: $state->s)
            ->saying('Hours later: the meter shows a reading again, and the neighbors without generators are lit. Ten minutes steady by '
                .'now.');
    }
}
