<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Health\Check;
use App\Health\DatabaseAnswers;
use App\Health\DiskTakesFiles;
use App\Health\MailGoesOut;
use App\Health\QueueMoves;
use Illuminate\Http\JsonResponse;
use Throwable;

/** For who watches the server: 200 when everything answers, 503 when something does not. */
final class HealthController extends Controller
{
    public function __invoke(): JsonResponse
    {
        $results = [];
        foreach ([new DatabaseAnswers, new DiskTakesFiles, new QueueMoves, new MailGoesOut] as $check) {
            $results[$check->name()] = $this->resultOf($check);
        }
        $isWell = array_unique(array_values($results)) === ['ok'];

        return response()->json($results, $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    private function resultOf(Check $check): string
    {
        try {
            return $check->result();
        } catch (Throwable $fault) {
            report($fault);

            return 'does not answer';
        }
    }
}
