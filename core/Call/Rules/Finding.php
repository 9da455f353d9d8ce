<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Situation\Evidence;

/**
 * What a rule answers: it fires with a call, nearly fires, or is silent, each with its evidence.
 */
final readonly class Finding
{
    /** @param  list<Evidence>  $evidence */
    private function __construct(public Firing $firing, public array $evidence, public ?Call $call)
    {
    }

    public static function fires(Call $call): self
    {
        return new self(Firing::Fires, $call->reasons, $call);
    }

    public static function nearly(Evidence ...$evidence): self
    {
        return new self(Firing::Nearly, array_values($evidence), null);
    }

    public static function silent(): self
    {
        return new self(Firing::Silent, [], null);
    }
}
