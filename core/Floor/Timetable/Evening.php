<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

use SteadyRung\OutOfRange;

/**
 * A class that is to be timed: who comes, what they do, and what there is to do it on. Times in whole seconds from its beginning.
 */
final readonly class Evening
{
    public const LENGTH_S = [60, 21_600];

    public const CHANGE_S = [0, 600];

    public const MOST_COMERS = 60;

    public const MOST_STATIONS = 60;

    public const MOST_GEAR = 200;

    /**
     * @param  array<string, StationKind>  $stations  by id
     * @param  array<string, GearKind>  $gear  by id
     * @param  list<Comer>  $comers
     */
    private function __construct(
        public int $lengthS,
        public int $changeS,
        public array $stations,
        public array $gear,
        public array $comers,
    ) {
    }

    /**
     * @param  array<string, StationKind>  $stations  by id
     * @param  array<string, GearKind>  $gear  by id
     * @param  list<Comer>  $comers
     *
     * @throws OutOfRange if a time is outside, or there is too much of something
     * @throws UnknownPlace if a set names a station or gear that is not there
     */
    public static function of(int $lengthS, int $changeS, array $stations, array $gear, array $comers): self
    {
        OutOfRange::guard([
            'length_s' => [$lengthS, self::LENGTH_S],
            'change_s' => [$changeS, self::CHANGE_S],
            'stations' => [count($stations), [1, self::MOST_STATIONS]],
            'gear' => [count($gear), [0, self::MOST_GEAR]],
            'athletes' => [count($comers), [0, self::MOST_COMERS]],
        ]);
        foreach ($comers as $comer) {
            foreach ($comer->turns as $turn) {
                self::knows($stations, $turn->stations, $turn);
                self::knows($gear, $turn->gear, $turn);
            }
        }

        return new self($lengthS, $changeS, $stations, $gear, $comers);
    }

    /**
     * With somebody in the place of who has the same id.
     *
     * @throws UnknownPlace if one of their sets names a station or gear that is not there
     */
    public function with(Comer $changed): self
    {
        return self::of($this->lengthS, $this->changeS, $this->stations, $this->gear, array_map(
            static fn (Comer $comer): Comer => $comer->id === $changed->id ? $changed : $comer,
            $this->comers,
        ));
    }

    public function comer(string $id): ?Comer
    {
        return array_column($this->comers, null, 'id')[$id] ?? null;
    }

    /**
     * @param  array<string, StationKind|GearKind>  $there
     * @param  list<string>  $named
     */
    private static function knows(array $there, array $named, Turn $turn): void
    {
        foreach ($named as $id) {
            isset($there[$id]) || throw UnknownPlace::of($id, $turn->id);
        }
    }
}
