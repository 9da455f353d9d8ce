<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\CoreError;

/**
 * A method that cannot be followed to its end.
 */
final class BadMethod extends \DomainException implements CoreError
{
    private function __construct(public readonly string $at, string $message)
    {
        parent::__construct($message);
    }

    public static function withoutWork(string $stage): self
    {
        return new self($stage, "The stage “{$stage}” has no main work that a gate could be held against.");
    }

    public static function twice(string $stage): self
    {
        return new self($stage, "The stage “{$stage}” stands twice: the method would go in a circle.");
    }

    public static function gateAsksMore(string $stage, string $gate, string $work): self
    {
        return new self($stage, "The stage “{$stage}” cannot be finished: its gate asks {$gate}, its work is {$work}.");
    }

    public static function overCap(string $stage, int $lowerings, int $most): self
    {
        return new self($stage, "The stage “{$stage}” asks {$lowerings} lowerings in a session; {$most} is the most.");
    }

    public static function withoutEnd(): self
    {
        return new self('', 'The method never comes to a strict pull-up or chin-up: its last stage must be one.');
    }

    public static function unknownStage(string $stage, string $method): self
    {
        return new self($stage, "“{$method}” has no stage “{$stage}”.");
    }
}
