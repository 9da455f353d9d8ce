<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What a screen leaves an athlete to do: everything, nothing, or what lies within its limits.
 */
final readonly class Limits
{
    public const SHARE = [0.1, 2.0];

    /** @param  list<Limit>  $barred */
    private function __construct(public bool $isCleared, public array $barred, public ?float $mostShare)
    {
    }

    public static function none(): self
    {
        return new self(true, [], null);
    }

    /** Not one loaded set. */
    public static function everything(): self
    {
        return new self(false, [], null);
    }

    /** @param  list<Limit>  $barred */
    public static function of(array $barred, ?float $mostShare = null): self
    {
        return new self(
            true,
            array_values(array_filter(Limit::cases(), static fn (Limit $l): bool => in_array($l, $barred, true))),
            $mostShare,
        );
    }

    public function bars(Limit $limit): bool
    {
        return in_array($limit, $this->barred, true);
    }

    /** One line that is the same for the same limits. */
    public function key(): string
    {
        return implode(
            ' ',
            [
                $this->isCleared ? 'cleared' : 'nothing',
                ...array_column($this->barred, 'value'),
                ...($this->mostShare === null ? [] : [(string) $this->mostShare]),
            ],
        );
    }
}
