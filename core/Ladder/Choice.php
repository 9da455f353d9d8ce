<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\OutOfRange;
use SteadyRung\Setup\Attach;

/**
 * Which gear of the gym a set-up is made of: nothing but a bar, or bands on a bar under the foot or the knee.
 */
final readonly class Choice
{
    public const BANDS = [1.0, 2.0];

    /** @param  list<string>  $bandIds sorted */
    private function __construct(public ?string $barId, public ?Attach $attach, public array $bandIds)
    {
    }

    /** The unassisted pull-up. */
    public static function strict(): self
    {
        return new self(null, null, []);
    }

    /**
     * One or two bands on a bar.
     *
     * @param  list<string>  $bandIds
     *
     * @throws OutOfRange if there is no band or more than two different ones
     */
    public static function bands(string $barId, Attach $attach, array $bandIds): self
    {
        $bandIds = array_values(array_unique($bandIds));
        OutOfRange::guard(['band_ids' => [count($bandIds), self::BANDS]]);
        sort($bandIds);

        return new self($barId, $attach, $bandIds);
    }

    public function isStrict(): bool
    {
        return $this->attach === null;
    }

    /** One line that is the same for the same choice and for no other. */
    public function key(): string
    {
        return $this->attach === null
            ? 'strict'
            : implode(':', ['band', $this->attach->value, (string) $this->barId, implode('+', $this->bandIds)]);
    }
}
