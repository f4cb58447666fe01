<?php

declare(strict_types=1);

namespace App\Bench;

/** A role change beside the plainest page that somebody who is signed in can ask for. */
final class RoleChange
{
    private const ROUNDS = 200;

    /** As the board asks for it, with the circuit selected: the parts that its page has. */
    public static function measured(Report $report, Visitor $visitor, string $path, string $circuit, string $what, float $atMost): bool
    {
        $url = "$path/circuits/$circuit/role";
        $parts = $visitor->partsOf("$path/loads?at=$circuit");
        $plain = new Times;
        $role = new Times;
        for ($i = -20; $i < self::ROUNDS; $i++) {
            $to = $i % 2 === 0 ? 'off' : 'must';
            $one = $i < 0 ? [new Times, new Times] : [$plain, $role];
            $one[0]->measure(fn () => $visitor->get('/account')->getBody()->getContents());
            $one[1]->measure(function () use ($visitor, $url, $to, $parts): void {
                $answer = $visitor->change($url, 'PATCH', ['role' => $to], $parts);
                if ($answer->getStatusCode() !== 200) {
                    throw new \RuntimeException('A role change answered '.$answer->getStatusCode().'.');
                }
            });
        }
        $ratio = $role->median() / $plain->median();
        $report->line(
            sprintf(
                'role change: median %.1f ms, 95 %% in %.1f ms; plainest page: median %.1f ms', $role->median(), $role->share(0.95),
                $plain->median(),
            )
        );

        return $report->kept($what, $ratio, $atMost, '%.2f');
    }
}
