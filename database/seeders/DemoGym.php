<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Own\GiveLink;
use App\Actions\Own\LinkGiven;
use App\Context\Floor\ChangeFeed;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteKind;
use App\Models\Gym\AthletesTell;
use App\Models\Gym\Gym;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\BandInspection;
use App\Models\Kit\Gear;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Kit\Band\RubberLaw;
use SteadyRung\Simulation\ResponseModel;

/**
 * Hollowbrook Mill, a climbing wall with a strength floor in an old paper mill. All of it is invented.
 */
final class DemoGym
{
    private const LINK_DAYS = 180;

    private const SEED = 20260301;

    private const GEAR = [
        'Rack bar' => ['kind' => 'bar', 'height_m' => 1.10],
        'Sluice bar' => ['kind' => 'bar', 'height_m' => 2.05],
        'Beam bar' => ['kind' => 'bar', 'height_m' => 2.38],
        'Loft bar' => ['kind' => 'bar', 'height_m' => 2.62],
        'Crane bar' => ['kind' => 'bar', 'height_m' => 3.05],
        'North rings' => ['kind' => 'rings', 'anchor_height_m' => 2.45, 'straps_m' => [1.0, 1.2, 1.4, 1.6]],
        'Long rings' => ['kind' => 'rings', 'anchor_height_m' => 3.10, 'straps_m' => [1.6, 1.9, 2.2]],
        'Low box' => ['kind' => 'box', 'height_m' => 0.30],
        'Mid box' => ['kind' => 'box', 'height_m' => 0.45],
        'High box' => ['kind' => 'box', 'height_m' => 0.60],
        'Thin plate' => ['kind' => 'plate', 'thickness_m' => 0.025],
        'Thick plate' => ['kind' => 'plate', 'thickness_m' => 0.05],
        'Block plate' => ['kind' => 'plate', 'thickness_m' => 0.10],
        'Disc 1.25 kg' => ['kind' => 'weight', 'mass_kg' => 1.25],
        'Disc 2.5 kg' => ['kind' => 'weight', 'mass_kg' => 2.5],
        'Disc 5 kg' => ['kind' => 'weight', 'mass_kg' => 5.0],
        'Miller’s hoist' => ['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5.0, 'most_kg' => 80.0, 'leverage' => 0.9],
        'Cable column' => ['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5.0, 'most_kg' => 100.0, 'leverage' => 1.0],
    ];

    /** Tag => width mm, thickness mm, hung length m, stiffness over the size's estimate, stretches measured. */
    private const BANDS = [
        'Wren' => [13.0, 4.5, 0.98, 1.05, [1.4, 1.8, 2.2]],
        'Finch' => [19.0, 4.5, 0.97, 1.00, []],
        'Swift' => [22.0, 4.5, 0.97, 1.10, [1.4, 1.8, 2.2]],
        'Jay' => [29.0, 4.5, 0.96, 0.97, [1.9]],
        'Rook' => [32.0, 4.5, 0.96, 1.02, [1.3, 1.7, 2.1, 2.4]],
        'Heron' => [44.0, 4.5, 0.95, 0.95, [1.4, 1.9, 2.2]],
        'Crane' => [64.0, 4.5, 0.94, 1.04, [1.4, 1.8, 2.1]],
        'Swan' => [83.0, 4.5, 0.93, 0.93, [1.5, 2.1]],
    ];

    private const DAYS_SINCE_LOOK = [1, 3, 9, 5];

    /** Fixed errors of the demo's scale readings, in turn. */
    private const READING_ERRORS = [0.012, -0.018, 0.007, 0.021, -0.009];

    public function __construct(
        private readonly Application $app,
        private readonly ConnectionInterface $db,
        private readonly CurrentGym $current,
        private readonly ClockInterface $clock,
    ) {
    }

    /** The gym with its coach and kit, as far as it is not there yet; false, and nothing, where a gym of somebody's own is. */
    public function open(): bool
    {
        if (Gym::query()->where('is_demo', false)->exists()) {
            return false;
        }
        $this->db->transaction(function (): void {
            $gym = Gym::query()->find(self::id(1));
            $gym === null ? $this->make() : $this->current->enter($gym);
        });

        return true;
    }

    /** One athlete in so many, with the whole history; who is there already is left alone, so a filling that was broken off goes on. */
    public function fill(int $from, int $every): void
    {
        $clock = new DemoClock($this->clock->now());
        $this->app->instance(ClockInterface::class, $clock);
        $this->app->bind(ChangeFeed::class, UntoldNews::class);
        $coach = User::query()->findOrFail(self::id(2));
        foreach (self::athletes() as $i => $demo) {
            if ($i % $every === $from && Athlete::query()->whereKey(self::id(100 + $i))->doesntExist()) {
                $this->athlete($i, $demo, $coach, $clock);
            }
        }
    }

    private function make(): void
    {
        $gym = Gym::query()->create([
            'id' => self::id(1), 'name' => 'Hollowbrook Mill', 'timezone' => 'Europe/London', 'is_demo' => true,
            'athletes_tell' => array_column(AthletesTell::cases(), 'value'),
        ]);
        $this->current->enter($gym);
        $coach = User::query()->create([
            'id' => self::id(2), 'gym_id' => $gym->id, 'name' => 'Coach at the Mill',
            'email' => 'coach@hollowbrook.example', 'password' => 'chalk-and-rope', 'role' => Role::Owner,
        ]);
        $this->kit($gym);
        $this->inspections($gym, $coach);
    }

    /** One athlete with the whole history, or nothing. */
    private function athlete(int $i, DemoAthlete $demo, User $coach, DemoClock $clock): void
    {
        $gym = Gym::query()->findOrFail(self::id(1));
        $today = $this->clock->now()->setTimezone(new \DateTimeZone($gym->timezone))->setTime(18, 30);
        $this->db->transaction(function () use ($i, $demo, $coach, $clock, $gym, $today): void {
            $athlete = Athlete::query()->create([
                'id' => self::id(100 + $i), 'gym_id' => $gym->id,
                'name' => $demo->name, 'kind' => $demo->kind, 'mass_kg' => $demo->massKg, 'stature_m' => $demo->statureM, 'reach_m' => $demo->reachM, 'tags' => $demo->evenings,
            ]);
            $this->app->make(DemoHistory::class, ['clock' => $clock])->write(
                $demo,
                $athlete,
                $coach,
                self::last($today, $i, $demo),
                self::SEED + $i,
            );
            $this->app->make(GiveLink::class)->give($athlete, $coach, new LinkGiven(self::id(400 + $i), self::LINK_DAYS));
        });
    }

    /** The last session of the history; who comes on the evening that is in swing has not trained this week yet. */
    private static function last(\DateTimeImmutable $today, int $i, DemoAthlete $demo): \DateTimeImmutable
    {
        $ago = 1 + $i % 2;

        return $today->modify(sprintf(
            '-%d days',
            in_array(DemoEvening::THURSDAY, $demo->evenings, true) && $demo->ending->isOver()
                ? max($ago, (int) $today->format('N') + $i % 2)
                : $ago,
        ));
    }

    private function kit(Gym $gym): void
    {
        $number = 10;
        $own = static fn (int $n): array => ['id' => self::id($n), 'gym_id' => $gym->id];
        foreach (self::GEAR as $name => $figures) {
            Gear::query()->create([...$own($number++), 'name' => $name, 'kind' => $figures['kind'], 'figures' => $figures]);
        }
        foreach (self::BANDS as $tag => [$widthMm, $thicknessMm, $hungM, $stiffness, $stretches]) {
            $estimate = RubberLaw::fromSize($hungM, $widthMm, $thicknessMm);
            $points = array_map(static fn (float $stretch, int $i): array => [
                'length_m' => round($stretch * $hungM, 3),
                'force_n' => round($stiffness * $estimate->forceN(round($stretch * $hungM, 3)) * (1.0 + self::READING_ERRORS[$i]), 1),
            ], $stretches, array_keys($stretches));
            Band::query()->create([
                ...$own($number++), 'name' => sprintf('%s %d mm', $tag, $widthMm), 'hung_length_m' => $hungM,
                'width_mm' => $widthMm, 'thickness_mm' => $thicknessMm, 'points' => $points,
            ]);
        }
    }

    /** Looked at over the last weeks, some longer ago than they should; one never. */
    private function inspections(Gym $gym, User $coach): void
    {
        $today = $this->clock->now()->setTimezone(new \DateTimeZone($gym->timezone));
        foreach (Band::query()->orderBy('id')->get() as $i => $band) {
            foreach ($band->name === 'Finch 19 mm' ? [] : [24, self::DAYS_SINCE_LOOK[$i % 4]] as $j => $days) {
                BandInspection::query()->create([
                    'id' => self::id(300 + 10 * $i + $j), 'gym_id' => $gym->id,
                    'band_id' => $band->id, 'user_id' => $coach->id, 'finding' => 'sound',
                    'inspected_on' => $today->modify("-$days days")->format('Y-m-d'),
                    'note' => $j === 1 && $i % 3 === 0 ? 'Hitch moved on by a hand.' : null,
                ]);
            }
        }
    }

    /** @return list<DemoAthlete> */
    private static function athletes(): array
    {
        return [
            new DemoAthlete(
                'Aldith Farrow',
                AthleteKind::Climbing,
                61.0,
                1.68,
                2.05,
                0.65,
                ResponseModel::FitnessFatigue,
                DemoEnding::GateMet,
                stage: 'band-taper/bands',
                evenings: [DemoEvening::TUESDAY],
            ),
            new DemoAthlete('Bastian Oakes', AthleteKind::Gym, 92.5, 1.84, null, 0.60, ResponseModel::Spells),
            new DemoAthlete(
                'Corvina Tull',
                AthleteKind::Both,
                55.0,
                1.60,
                1.93,
                0.85,
                ResponseModel::SlowDrift,
                DemoEnding::GateMet,
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete(
                'Dunstan Peel',
                AthleteKind::Gym,
                78.0,
                1.75,
                2.11,
                0.82,
                ResponseModel::FitnessFatigue,
                DemoEnding::BelowFloor,
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete(
                'Elspeth Rowntree',
                AthleteKind::Climbing,
                66.5,
                1.72,
                2.10,
                0.77,
                ResponseModel::Spells,
                stage: 'band-taper/bands',
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete('Fenwick Bar-Lowe', AthleteKind::Climbing, 73.0, 1.79, 2.17, 0.84, ResponseModel::SlowDrift, DemoEnding::Pain),
            new DemoAthlete(
                'Gwendra Salt',
                AthleteKind::Gym,
                84.0,
                1.66,
                null,
                0.55,
                ResponseModel::FitnessFatigue,
                lane: Lane::Row,
                stage: 'rows-first/upright',
            ),
            new DemoAthlete(
                'Hobart Quill',
                AthleteKind::Both,
                69.0,
                1.77,
                2.14,
                0.90,
                ResponseModel::Spells,
                DemoEnding::StrictNear,
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete('Isaura Wickham', AthleteKind::Gym, 58.0, 1.63, 1.96, 0.63, ResponseModel::SlowDrift, DemoEnding::Sore),
            new DemoAthlete(
                'Jolyon Thatch',
                AthleteKind::Climbing,
                70.5,
                1.81,
                2.21,
                0.74,
                ResponseModel::FitnessFatigue,
                DemoEnding::GateMet,
                stage: 'band-taper/bands',
            ),
            new DemoAthlete(
                'Kerensa Dobbs',
                AthleteKind::Both,
                63.0,
                1.70,
                2.03,
                0.72,
                ResponseModel::Spells,
                DemoEnding::GripGivesOut,
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete(
                'Leofric Amble',
                AthleteKind::Gym,
                101.0,
                1.88,
                2.27,
                0.56,
                ResponseModel::SlowDrift,
                stage: 'foundation/bands',
                evenings: [DemoEvening::TUESDAY, DemoEvening::THURSDAY],
            ),
            new DemoAthlete(
                'Merrin Stope',
                AthleteKind::Climbing,
                52.5,
                1.57,
                1.88,
                0.79,
                ResponseModel::FitnessFatigue,
                evenings: [DemoEvening::TUESDAY],
            ),
            new DemoAthlete('Nesta Groves', AthleteKind::Gym, 74.0, 1.69, null, 0.62, ResponseModel::Spells, DemoEnding::NotBegun),
        ];
    }

    private static function id(int $number): string
    {
        return sprintf('01900000-0000-7000-8000-%012d', $number);
    }
}
