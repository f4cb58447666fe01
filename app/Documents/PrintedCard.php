<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Card\CardContents;
use App\Files\DurableFile;
use App\Files\NotKept;
use App\JobFile\JobEditor;
use App\Models\Run;
use App\Runs\RunProgress;
use App\Runs\Task;
use Illuminate\Support\Facades\Storage;

/**
 * A card of very many breakers, laid out by the worker of the queue and kept for a while under a name that is made
 * from its words: it is never shown for another. Input: that name.
 */
final class PrintedCard implements Task
{
    /** Circuits from which on it is the worker's. */
    public const FROM = 101;

    /** Below the app's own disk. */
    public const FOLDER = 'printed';

    /** Where one with these words lies, or is to lie. */
    public static function path(CardContents $contents): string
    {
        return self::FOLDER.'/'.hash('sha256', serialize([
            $contents->line, $contents->numbers, $contents->foot, $contents->sections, $contents->namesPanels, $contents->gaps(),
            $contents->moreGaps(), $contents->card->cautions, $contents->practice(), $contents->card->throws,
        ])).'.pdf';
    }

    public function key(): string
    {
        return 'card';
    }

    /** Its name says what it rests on. */
    public function reads(): array
    {
        return [];
    }

    /** @throws NotKept */
    public function run(Run $run, RunProgress $progress): string
    {
        $progress->tell('Laying out the card', null);
        $contents = CardContents::of(JobEditor::open($run->onJob()));
        DurableFile::write(Storage::disk('local')->path(self::path($contents)), CardPdf::of($contents));

        return 'The card is laid out';
    }

    public function page(Run $run): string
    {
        return route('jobs.card.pdf', $run->job_id);
    }

    public function tidy(Run $run): void
    {
        // What it made is swept when it is old.
    }
}
