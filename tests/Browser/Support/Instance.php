<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/**
 * The running application that the tests drive, started by `bin/steady test`.
 */
final class Instance
{
    public static function url(): string
    {
        return getenv('STEADY_TEST_URL') ?: throw new \RuntimeException('Run the browser tests with: bin/steady test');
    }
}
