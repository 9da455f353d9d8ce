<?php

declare(strict_types=1);

namespace App\Formats\Stored;

/**
 * Figures kept exact to the last bit, as doubles in one text.
 */
final class PackedFigures
{
    /** @param  list<float>  $figures */
    public static function write(array $figures): string
    {
        return base64_encode(pack('e*', ...$figures));
    }

    /** @return list<float> none where it cannot be read */
    public static function read(string $packed): array
    {
        /** @var array<int, float> $figures */
        $figures = unpack('e*', (string) base64_decode($packed, true)) ?: [];

        return array_values($figures);
    }
}
