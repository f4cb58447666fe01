<?php

declare(strict_types=1);

namespace App\JobFile;

/**
 * What belongs to a job and is too large for its file: photos, recordings and the utility's data, by
 * what is known of them. Their contents lie in files named by hash, or in rows of their own.
 */
final readonly class Attachments
{
    /**
     * @param  list<array<string, mixed>>  $photos
     * @param  list<array<string, mixed>>  $recordings
     * @param  list<array<string, mixed>>  $intervals  at most one
     */
    public function __construct(public array $photos = [], public array $recordings = [], public array $intervals = [])
    {
    }

    /** @param  array<string, mixed>  $photo */
    public function withPhoto(array $photo): self
    {
        return new self([...$this->photos, $photo], $this->recordings, $this->intervals);
    }

    public function withoutPhoto(string $key): self
    {
        return new self(self::without($this->photos, $key), $this->recordings, $this->intervals);
    }

    /** @param  array<string, mixed>  $recording  in the place of the one of its id, or new */
    public function withRecording(array $recording): self
    {
        $ids = array_column($this->recordings, 'id');
        $all = in_array($recording['id'], $ids, true)
            ? array_map(fn (array $r): array => $r['id'] === $recording['id'] ? $recording : $r, $this->recordings)
            : [...$this->recordings, $recording];

        return new self($this->photos, $all, $this->intervals);
    }

    public function withoutRecording(string $key): self
    {
        return new self($this->photos, self::without($this->recordings, $key), $this->intervals);
    }

    /** @param  ?array<string, mixed>  $record  null: none */
    public function withIntervals(?array $record): self
    {
        return new self($this->photos, $this->recordings, $record === null ? [] : [$record]);
    }

    /** @return array<string, list<array<string, mixed>>> by part, for the history */
    public function toArray(): array
    {
        return ['photos' => $this->photos, 'recordings' => $this->recordings, 'intervals' => $this->intervals];
    }

    /** @param  array<string, mixed>  $state  as toArray() gave it */
    public static function of(array $state): self
    {
        /**
         * @var array{photos?: list<array<string, mixed>>, recordings?: list<array<string, mixed>>, intervals?: list<array<string,
         * mixed>>} $state
         */
        return new self($state['photos'] ?? [], $state['recordings'] ?? [], $state['intervals'] ?? []);
    }

    /**
     * @param  list<array<string, mixed>>  $list
     * @return list<array<string, mixed>>
     */
    private static function without(array $list, string $key): array
    {
        return array_values(array_filter($list, fn (array $item): bool => $item['id'] !== $key));
    }
}
