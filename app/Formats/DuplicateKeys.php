<?php

declare(strict_types=1);

namespace App\Formats;

/**
 * Finds a key that stands twice in one object of a JSON text that is known to be well-formed.
 */
final class DuplicateKeys
{
    /** The first such key as it is written, if there is one. */
    public static function firstIn(string $json): ?string
    {
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*+"|[{}\[\]:]/s', $json, $found);
        $open = [];
        $last = '';
        foreach ($found[0] as $token) {
            if ($token === '{' || $token === '[') {
                $open[] = [];
            } elseif ($token === '}' || $token === ']') {
                array_pop($open);
            } elseif ($token === ':') {
                $key = str_contains($last, '\\') ? (string) json_encode(json_decode($last)) : $last;
                if (isset($open[count($open) - 1][$key])) {
                    return $last;
                }
                $open[count($open) - 1][$key] = true;
            }
            $last = $token;
        }

        return null;
    }
}
