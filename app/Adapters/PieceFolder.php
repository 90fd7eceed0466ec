<?php

declare(strict_types=1);

namespace App\Adapters;

use DomainException;
use Illuminate\Support\Facades\Storage;

/** A folder in which a file arrives in numbered pieces. */
final readonly class PieceFolder
{
    public function __construct(private string $path)
    {
    }

    /**
     * Sending a piece twice changes nothing: one that is there is whole, since it was written under another name first.
     *
     * @param  string  $called the whole inside a sentence, such as “clip”
     *
     * @throws DomainException when it was damaged
     */
    public function put(int $number, string $bytes, string $sha256, string $called): void
    {
        if (! hash_equals(hash('sha256', $bytes), $sha256)) {
            throw new DomainException("A piece of the {$called} was damaged on its way. It will be sent again.");
        }
        if (! $this->has($number)) {
            Files::write($this->piece($number), $bytes);
        }
    }

    public function has(int $number): bool
    {
        return Storage::exists($this->piece($number));
    }

    /** How many pieces there are up to the first gap. */
    public function withoutGap(): int
    {
        $whole = 0;
        while ($this->has($whole)) {
            $whole++;
        }

        return $whole;
    }

    /** @return list<int> numbers of the pieces that are missing */
    public function missing(int $pieces): array
    {
        return array_values(array_filter(
            $pieces === 0 ? [] : range(0, $pieces - 1),
            fn (int $number): bool => ! $this->has($number),
        ));
    }

    /** @return string path of a temporary file with all of them */
    public function joined(int $pieces, string $ending): string
    {
        $file = Files::temporary($ending);
        $out = Files::opened($file, 'wb');
        for ($number = 0; $number < $pieces; $number++) {
            fwrite($out, (string) Storage::get($this->piece($number)));
        }
        fclose($out);

        return $file;
    }

    private function piece(int $number): string
    {
        return sprintf('%s/%06d', $this->path, $number);
    }
}
