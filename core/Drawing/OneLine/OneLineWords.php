<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\WireRole;
use Underpin\Connection\LockOff;
use Underpin\Connection\TransferKind;
use Underpin\Connection\TransferPoint;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\OtherSourceRun;
use Underpin\Job\Panel;
use Underpin\Job\Role;
use Underpin\Say;

/** What the one-line says of each part, in few words. */
final readonly class OneLineWords
{
    public function __construct(private Design $design)
    {
    }

    public function title(TransferPoint $point): string
    {
        return match ($point->kind) {
            TransferKind::Plate => $point->panel->name ?? '',
            default => $point->title,
        };
    }

    /** @return list<string> what stands in the box of what changes over */
    public function lines(TransferPoint $point): array
    {
        $panel = $point->panel;
        $rating = $point->amps === null || $point->kind === TransferKind::Plate ? [] : ["rated $point->amps A"];
        if ($point->kind === TransferKind::Circuits) {
            $names = array_map(fn (Circuit $c): string => "{$c->label()} {$c->name}, $c->breakerAmps A", $point->circuits);

            return [...$rating, 'from '.($panel->name ?? 'the panel').':', ...$names];
        }
        $lines = $point->kind === TransferKind::Plate
            ? [($panel?->mainAmps === null ? 'main: not looked' : "main $panel->mainAmps A").' or generator, one at a time']
            : [...$rating, 'to '.($panel->name ?? 'the panel').($panel?->mainAmps === null ? '' : ", main $panel->mainAmps A")];
        foreach ($panel === null ? [] : $this->fed($panel) as $each) {
            $lines[] = ($each === $panel ? '' : "$each->name: ").self::roles($each);
        }

        return [...$lines, ...$panel === null ? [] : $this->otherSource($this->fed($panel))];
    }

    /**
     * Solar or a battery that feeds into one of these panels, with what becomes of it.
     *
     * @param  list<Panel>  $fed
     * @return list<string>
     */
    private function otherSource(array $fed): array
    {
        $source = LockOff::of($this->design->job->service, $fed)?->source;

        return $source === null ? [] : [
            ...$source->disconnect === '' ? [ucfirst($source->kind->words()).' feeds in here;']
                : [ucfirst($source->kind->words()).' feeds in here, at its disconnect:', "$source->disconnect;"],
            match ($source->run) {
                null => 'while the generator runs: not decided',
                OtherSourceRun::LockedOff => 'locked off while the generator runs',
                OtherSourceRun::Listed => 'listed to run with the generator',
                OtherSourceRun::Relay => 'opened by a listed relay at transfer',
                OtherSourceRun::UtilitySide => 'moves to the utility\'s side',
            },
        ];
    }

    /** @return list<Panel> it and what it feeds */
    private function fed(Panel $panel): array
    {
        $ids = $this->design->distribution()->behind($panel->id);

        return array_values(array_filter($this->design->job->service->panels, fn (Panel $p): bool => in_array($p->id, $ids, true)));
    }

    private static function roles(Panel $panel): string
    {
        $count = fn (Role $role): int => count(array_filter($panel->circuits, fn (Circuit $c): bool => $c->role === $role));

        return sprintf('%d must run, %d if room, %d off', $count(Role::Must), $count(Role::Room), $count(Role::Off));
    }

    /** "3 × 6 cu, ground 10, 26 ft". */
    public static function conductor(Conductor $conductor, string $kind): string
    {
        $length = $conductor->lengthFt === null ? 'not measured' : Say::figure($conductor->lengthFt).' ft';
        $ground = $conductor->wire(WireRole::Ground)?->size;
        $power = count($conductor->wires) - ($ground === null ? 0 : 1);
        $apart = $ground === null || $kind === 'cord' ? '' : ", ground {$ground->value}";
        $size = $conductor->size === null ? '' : "{$conductor->size->value} ";

        return "$power × $size{$conductor->material->value}$apart, $length".(
            $kind === 'cord' ? ' cord' : ''
        );
    }
}
