<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Strict;

use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\StageKind;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * That the weeks of a builder are over: a fresh test comes first, then the coach chooses what comes next.
 */
final readonly class BuilderOver
{
    private const MOST_NAMED = 3;

    public function __construct(public string $name, public int $weeks, public bool $isTested, public string $next)
    {
    }

    /** None while it lasts, and outside strict work. */
    public static function of(AthleteContext $context): ?self
    {
        $over = $context->place->stage->kind() === StageKind::Strict ? $context->builders->over($context->today) : null;
        if ($over === null) {
            return null;
        }
        $others = array_map(
            static fn (Builder $b): string => lcfirst($b->name),
            array_slice($context->builders->after($over, $context->mostStrict()), 0, self::MOST_NAMED),
        );

        return new self(
            $over->name,
            $over->weeks[1],
            $context->diary->lastTry() >= $context->builders->endsOn($over),
            sprintf('Choose what comes next: %s, or the sets of the stage.', implode(', ', [...$others, 'a harder grip'])),
        );
    }

    /** “Mixed sets had their 6 weeks.” */
    public function words(): string
    {
        return sprintf('%s had %s.', $this->name, $this->weeks === 1 ? 'its week' : "its $this->weeks weeks");
    }
}
