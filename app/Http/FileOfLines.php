<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * A file to keep, sent a line at a time.
 */
final readonly class FileOfLines
{
    /** @param  iterable<string>  $lines */
    public static function of(iterable $lines, string $mediaType, string $name, string $ending): StreamedResponse
    {
        return new StreamedResponse(static function () use ($lines): void {
            foreach ($lines as $line) {
                echo $line;
            }
        }, headers: [
            'Content-Type' => $mediaType,
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', Str::slug($name), $ending),
        ]);
    }
}
