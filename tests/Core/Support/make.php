<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Call\Situation\FromEstimate;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Signs;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Ladder\LadderPath;
use SteadyRung\Ladder\Steps;
use SteadyRung\Safety\Pain;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\Gaussian;
use SteadyRung\Strength\Filter\Hypothesis;
use SteadyRung\Strength\Reps\RepCurve;

function athlete(float $massKg = 70.0, float $statureM = 1.75, ?float $reachM = null): Body
{
    return Body::of($massKg, $statureM, $reachM);
}

/** A band measured exactly on a curve of the usual shape, stiffness over the estimate of its size. */
function band(float $widthMm = 29.0, float $hungM = 1.0, string $id = 'band', float $stiffness = 1.0, float $thicknessMm = 4.5): LoopBand
{
    $law = LoopBand::of($id, $id, $hungM, $widthMm, $thicknessMm)->law;
    $points = array_map(
        static fn (float $stretch): CalibrationPoint => CalibrationPoint::of(
            $stretch * $hungM,
            $stiffness * $law->forceN($stretch * $hungM),
        ),
        [1.3, 1.8, 2.4],
    );

    return LoopBand::of($id, $id, $hungM, $widthMm, $thicknessMm, $points);
}

/** @param  list<LoopBand>  $bands */
function carried(array $bands, Attach $attach = Attach::Foot, ?Body $body = null, float $barM = 3.0): CarriedLoad
{
    $load = BandHelp::of($barM, $attach, $bands)->carriedBy($body ?? athlete());
    if ($load instanceof DoesNotFit) {
        throw new RuntimeException($load->reason);
    }

    return $load;
}

/** @param  array<string, float>  $widthsMm */
function kit(array $widthsMm, float ...$barsM): Kit
{
    $bars = [];
    foreach ($barsM === [] ? [2.5] : $barsM as $i => $heightM) {
        $bars[] = Bar::of("bar-$i", "Bar $i", $heightM);
    }
    $bands = [];
    foreach ($widthsMm as $id => $widthMm) {
        $bands[] = band($widthMm, 1.0, $id);
    }

    return new Kit($bars, $bands);
}

function rung(Kit $kit, Choice|Exercise $on, ?Body $body = null): Rung
{
    $rung = (new RungSearch($kit))->rung($on instanceof Choice ? Exercise::of($on) : $on, $body ?? athlete());

    return $rung instanceof Rung ? $rung : throw new RuntimeException($rung->reason);
}

/**
 * A situation on one rung of a kit: sessions as lists of clean counts, capacity as a share with its spread in log.
 *
 * @param  list<non-empty-list<int>>  $sessions
 */
function situation(
    Kit $kit,
    Choice|Exercise $on,
    array $sessions,
    ?float $capacity = 1.0,
    float $spread = 0.02,
    ?Pain $pain = null,
): Situation {
    $from = rung($kit, $on);

    return new Situation(
        stepsAround($from, new RungSearch($kit)),
        array_map(static fn (array $clean, int $i): SessionResult => new SessionResult($i, $clean), $sessions, array_keys($sessions)),
        new FromEstimate(estimateOf($capacity, $spread)),
        new Signs($pain),
    );
}

/** A capacity as a share, believed today with a spread in log; nothing is believed of none. */
function estimateOf(?float $capacity, float $spread = 0.02): Estimate
{
    return Estimate::on(0, $capacity === null ? null : known($capacity, $spread));
}

/** A capacity known with a spread in log, no trend, the usual curve, and a form of so much. */
function known(float $capacity, float $spread = 0.02, int $day = 0, float $form = 0.035): CapacityState
{
    return CapacityState::weighed(
        $day,
        [],
        [Hypothesis::of(RepCurve::USUAL_K, $form)],
        [0.0],
        [Gaussian::independent([[log($capacity), $spread], [0.0, 0.0], [0.0, 0.0], [0.0, 0.25]])],
    );
}

/** Up and down from a rung on the one list. */
function stepsAround(Rung $from, RungSearch $search, ?Body $body = null): Steps
{
    $body ??= athlete();

    $way = LadderPath::of($search, $body, $from->lane(), $search->lane($from->lane(), $body), $from, estimateOf(null));

    return new Steps($from, $way->ladder->rungs[0] ?? null, $way->below);
}

/** As much gear as a gym may have: 100 bands, and 200 pieces of all kinds. */
function hugeKit(): Kit
{
    $range = fn (int $count, Closure $piece): array => array_map($piece, range(0, $count - 1));

    return Kit::of([
        ...$range(Kit::MOST_BANDS, fn (int $i) => band(8.0 + 0.8 * $i, 0.94 + 0.0005 * $i, "band-$i")),
        ...$range(
            40,
            fn (int $i) => RingPair::of(
                "rings-$i",
                "Rings $i",
                2.2 + 0.02 * $i,
                array_map(fn (int $j): float => 0.4 + 0.07 * $j, range(0, 19)),
            ),
        ),
        ...$range(40, fn (int $i) => Box::of("box-$i", "Box $i", 0.1 + 0.02 * $i)),
        ...$range(40, fn (int $i) => Bar::of("bar-$i", "Bar $i", 0.9 + 0.06 * $i)),
        ...$range(30, fn (int $i) => Plate::of("plate-$i", "Plate $i", 0.011 + 0.0013 * $i)),
        ...$range(40, fn (int $i) => Weight::of("weight-$i", "Weight $i", 0.5 + 0.5 * $i)),
        ...$range(5, fn (int $i) => Machine::of("lift-$i", "Lift $i", MachineUse::Counterweight, 0.5, 300)),
        ...$range(5, fn (int $i) => Machine::of("cable-$i", "Cable $i", MachineUse::PullDown, 0.5, 300)),
    ]);
}

/** Six bands a small step apart. */
function fineKit(): Kit
{
    return kit(['a' => 13, 'b' => 19, 'c' => 22, 'd' => 29, 'e' => 32, 'f' => 44]);
}

/** Bands of the first bar, at the foot. */
function on(string ...$bands): Choice
{
    return OnBands::of('bar-0', Attach::Foot, array_values($bands));
}

/** A piece of everything. */
function fullKit(): Kit
{
    return Kit::of([
        Bar::of('low', 'Low bar', 1.0), Bar::of('high', 'High bar', 2.5), band(22, 0.97, 'thin'), band(44, 0.96, 'thick'),
        RingPair::of('rings', 'Rings', 2.4, [1.2, 1.5]), Box::of('box', 'Box', 0.4), Plate::of('plate', 'Plate', 0.05),
        Weight::of('five', '5 kg', 5), Weight::of('ten', '10 kg', 10),
        Machine::of('lift', 'Lift', MachineUse::Counterweight, 10, 40, 0.9), Machine::of('cable', 'Cable', MachineUse::PullDown, 10, 60),
    ]);
}

/** Words of a test with the space that quantities of the core have before their unit. */
function spaced(string $text): string
{
    return (string) preg_replace('~((?:\d|\.\df)) (kg|cm|lb|in)\b~', '$1'.InWords::BEFORE_UNIT.'$2', $text);
}
