<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

use SteadyRung\OutOfRange;

/**
 * What a competent person found before anything was loaded. It clears, limits, puts off or refers; it diagnoses nothing.
 */
final readonly class Screening
{
    /** A recent injury that no longer hurts: no more than this part of bodyweight until it was asked again (judgement). */
    private const AFTER_INJURY_SHARE = 0.7;

    /**
     * @param  list<Condition>  $conditions
     * @param  list<Limit>  $further  limits the coach or the clinician adds
     */
    private function __construct(
        public Overhead $overhead,
        public ?Pain $pain,
        public bool $isNumb,
        public bool $wasInjured,
        public array $conditions,
        public bool $isClearedByClinician,
        public Adolescence $under18,
        public bool $isUneasy,
        public array $further,
        public ?float $mostShare,
    ) {
    }

    /**
     * @param  list<Condition>  $conditions
     * @param  bool  $isClearedByClinician  for those conditions
     * @param  bool  $isUneasy  at the bar
     * @param  list<Limit>  $further
     * @param  float|null  $mostShare  0.1–2 of bodyweight
     *
     * @throws OutOfRange if the share is outside
     */
    public static function of(
        Overhead $overhead,
        ?Pain $pain = null,
        bool $isNumb = false,
        bool $wasInjured = false,
        array $conditions = [],
        bool $isClearedByClinician = false,
        Adolescence $under18 = Adolescence::No,
        bool $isUneasy = false,
        array $further = [],
        ?float $mostShare = null,
    ): self {
        OutOfRange::guard(['most_share' => [$mostShare, Limits::SHARE]]);

        return new self(
            overhead: $overhead,
            pain: $pain,
            isNumb: $isNumb,
            wasInjured: $wasInjured,
            conditions: $conditions,
            isClearedByClinician: $isClearedByClinician,
            under18: $under18,
            isUneasy: $isUneasy,
            further: $further,
            mostShare: $mostShare,
        );
    }

    public function outcome(): ScreenOutcome
    {
        return match (true) {
            $this->toClinician() !== [] => ScreenOutcome::Refer,
            $this->putOff() !== [] => ScreenOutcome::NotYet,
            $this->limits()->barred !== [] || $this->limits()->mostShare !== null => ScreenOutcome::Limited,
            default => ScreenOutcome::Cleared,
        };
    }

    /** What the ladder, the session and the call keep to. */
    public function limits(): Limits
    {
        if ($this->toClinician() !== [] || $this->putOff() !== []) {
            return Limits::everything();
        }
        $barred = $this->further;
        if ($this->overhead === Overhead::Short) {
            array_push($barred, Limit::NoHanging, Limit::NoOverhead);
        }
        if ($this->wasInjured) {
            array_push($barred, Limit::NoLowering, Limit::NoBandsAtHeight);
        }
        if ($this->isUneasy) {
            $barred[] = Limit::NoBandsAtHeight;
        }
        array_push($barred, ...array_merge([], ...array_map(static fn (Condition $c): array => $c->limits(), $this->conditions)));
        $shares = array_filter(
            [$this->mostShare, $this->wasInjured ? self::AFTER_INJURY_SHARE : null],
            static fn (?float $s): bool => $s !== null,
        );

        return Limits::of($barred, $shares === [] ? null : min($shares));
    }

    /** @return list<string> why it came out so, the gravest first */
    public function reasons(): array
    {
        $short = $this->overhead === Overhead::Short
            ? ['Short of the ears with ribs down: no hanging and no overhead pulling; rows and mobility meanwhile.']
            : [];
        $injured = $this->wasInjured
            ? [sprintf(
                'A recent injury: no lowering, no bands at height, and no more than %.0f %% of bodyweight until it is asked again.',
                100 * self::AFTER_INJURY_SHARE,
            )]
            : [];
        $uneasy = $this->isUneasy ? ['Uneasy at the bar: no band that needs a box to step in.'] : [];
        $cleared = array_map(
            static fn (Condition $c): string => sprintf('Cleared by a clinician: %s. What the clinician allows comes first.', $c->words()),
            $this->conditions,
        );
        $reasons = [...$this->toClinician(), ...$this->putOff()];

        return $reasons === [] ? [...$short, ...$injured, ...$cleared, ...$uneasy] : $reasons;
    }

    /** @return list<string> */
    private function toClinician(): array
    {
        return array_values(array_filter([
            $this->pain === null ? null : "Pain in the {$this->pain->words()}: a licensed clinician looks at it before any load.",
            $this->isNumb ? 'Numbness: a licensed clinician before any load.' : null,
            $this->overhead === Overhead::Painful ? 'Raising the arms hurts: a licensed clinician before any load overhead.' : null,
            $this->conditions === [] || $this->isClearedByClinician
                ? null
                : sprintf(
                    'Clearance by a clinician comes first: %s.',
                    implode(', ', array_map(static fn (Condition $c): string => $c->words(), $this->conditions)),
                ),
        ]));
    }

    /** @return list<string> */
    private function putOff(): array
    {
        return array_values(array_filter([
            $this->under18 === Adolescence::RulesOpen ? 'Under 18: the local rules and whoever is responsible come first.' : null,
            $this->overhead === Overhead::Short && $this->wasInjured
                ? 'Short overhead after a recent injury: mobility first, then screen again.'
                : null,
        ]));
    }
}
