<?php

declare(strict_types=1);

it('takes every verb there is, and helps with each', function (): void {
    $root = dirname(__DIR__, 2);
    $verbs = array_map(static fn (string $file): string => basename($file, '.sh'), glob("$root/bin/verbs/*.sh") ?: []);
    preg_match('/\[\[ ! "\$verb" =~ (\S+) \|\|/', (string) file_get_contents("$root/bin/steady"), $taken);
    preg_match_all('/^bin\/steady ([a-z-]+)/m', (string) file_get_contents("$root/bin/verbs/help.sh"), $helped);

    expect($verbs)->not->toBeEmpty()
        ->and(preg_grep("/$taken[1]/", $verbs, PREG_GREP_INVERT))->toBe([])
        ->and(array_values(array_unique($helped[1])))->toEqualCanonicalizing(array_values(array_diff($verbs, ['help'])));
});
