<?php

declare(strict_types=1);

namespace App\Formats\Inputs;

use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\CoreError;

/**
 * An input with rules over several of its keys.
 */
interface Checked
{
    /**
     * @param  JsonObject  $json  what it was read from, for the pointer of a refusal and for what was given at all
     *
     * @throws Unreadable|CoreError if its keys do not go together
     */
    public function check(JsonObject $json): void;
}
