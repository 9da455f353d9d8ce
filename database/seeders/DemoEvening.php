<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\SaveClass;
use App\Actions\Log\AccessoryDone;
use App\Actions\Log\LogAccessory;
use App\Actions\Log\LogSet;
use App\Actions\Log\SetDone;
use App\Context\Gym\CurrentGym;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Queries\Floor\FloorQuery;
use App\Responses\Floor\FloorAthleteResponse;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Plan\Diary\Purpose;

/**
 * The two evenings of Hollowbrook Mill, and one of them in full swing, whenever somebody looks.
 */
final class DemoEvening
{
    public const TUESDAY = 'tuesday';

    public const THURSDAY = 'thursday';

    private const BEGAN_MINUTES_AGO = 25;

    private const MINUTES = 75;

    private const SECONDS_A_SET = 105;

    /** Sets done so far, and seconds since the last, by name. */
    private const SO_FAR = ['Bastian Oakes' => [7, 20], 'Corvina Tull' => [5, 70], 'Gwendra Salt' => [7, 45], 'Leofric Amble' => [4, 110]];

    public function __construct(
        private readonly Application $app,
        private readonly CurrentGym $current,
        private readonly ClockInterface $clock,
    ) {
    }

    /** Whether a class was put in swing; none where one is, or where the gym is somebody's own. */
    public function begin(): bool
    {
        $gym = Gym::query()->where('is_demo', true)->first();
        $coach = $gym === null ? null : User::query()->where('gym_id', $gym->id)->orderBy('id')->first();
        if ($gym === null || $coach === null) {
            return false;
        }
        $this->current->enter($gym);
        $this->evenings($coach, $gym);
        $now = $this->clock->now()->setTimezone(new \DateTimeZone($gym->timezone));
        $began = $now->modify(sprintf('-%d minutes', self::BEGAN_MINUTES_AGO));
        $began = $began->format('Y-m-d') === $now->format('Y-m-d') ? $began : $now->setTime(0, 0);
        if ($this->isOn($now)) {
            return false;
        }
        $class = $this->app->make(SaveClass::class)->make(
            $coach,
            new ClassGiven(
                (string) Str::uuid7(),
                'Thursday group, extra class',
                $began->format('Y-m-d'),
                $began->format('H:i'),
                self::MINUTES,
                tags: [self::THURSDAY],
            ),
        )->record;
        $clock = new DemoClock($this->clock->now());
        $this->app->instance(ClockInterface::class, $clock);
        try {
            foreach ($this->app->make(FloorQuery::class)->of($class, $began->format('Y-m-d'))->athletes as $athlete) {
                $this->train($athlete, $coach, $clock);
            }
        } finally {
            $this->app->instance(ClockInterface::class, $this->clock);
        }

        return true;
    }

    private function evenings(User $coach, Gym $gym): void
    {
        if (GymClass::query()->where('weekly', true)->exists()) {
            return;
        }
        $now = $this->clock->now()->setTimezone(new \DateTimeZone($gym->timezone));
        $monday = $this->clock->now()->setTimezone(new \DateTimeZone($gym->timezone))->modify('monday this week')->modify('-16 weeks');
        foreach ([['Tuesday evening', 1, self::TUESDAY], ['Thursday evening', 3, self::THURSDAY]] as [$name, $day, $tag]) {
            $this->app->make(SaveClass::class)->make(
                $coach,
                new ClassGiven(
                    (string) Str::uuid7(),
                    $name,
                    // Filled while it would be on, it begins next week: the group in swing is on by itself.
                    $monday->modify(sprintf('+%d days', $day + ($this->isNear($now, $day) ? 17 * 7 : 0)))->format('Y-m-d'),
                    '18:30',
                    self::MINUTES,
                    weekly: true,
                    tags: [$tag],
                ),
            );
        }
    }

    /** Whether a class of today runs and somebody of it trained. */
    private function isOn(\DateTimeImmutable $now): bool
    {
        $today = $now->format('Y-m-d');

        return Athlete::query()->where('last_trained_on', $today)->exists()
            && GymClass::query()->where('first_on', $today)->where('weekly', false)->get()
                ->contains(
                    static fn (GymClass $c): bool => $c->startsAt(
                        $today,
                        $now->getTimezone()->getName(),
                    )->modify("+$c->minutes minutes") > $now->modify('+30 minutes'),
                );
    }

    private function train(FloorAthleteResponse $athlete, User $coach, DemoClock $clock): void
    {
        [$sets, $ago] = self::SO_FAR[$athlete->name] ?? [0, 0];
        if ($sets === 0 || $athlete->sets !== []) {
            return;
        }
        /** @var list<array<string, mixed>> $lines */
        $lines = json_decode(json_encode($athlete->sheet, JSON_THROW_ON_ERROR), true)['lines'];
        $all = array_merge(...array_map(static fn (array $line): array => array_fill(0, (int) $line['sets'], $line), $lines));
        foreach (array_slice($all, 0, $sets) as $i => $line) {
            $at = $this->clock->now()->modify(sprintf('-%d seconds', $ago + self::SECONDS_A_SET * ($sets - 1 - $i)));
            $clock->set($at);
            $this->do($line, $i, $athlete->id, $coach, $at);
        }
    }

    /** @param  array<string, mixed>  $line  a SheetLineJson */
    private function do(array $line, int $i, string $athleteId, User $coach, \DateTimeImmutable $at): void
    {
        $id = (string) Str::uuid7();
        $aim = (int) $line['aim'];
        if ($line['rung'] === null) {
            [$reps, $seconds, $metres] = match ($line['amount']['measure']) {
                'seconds' => [null, (float) $aim, null],
                'metres' => [null, null, (float) $aim],
                default => [$aim, null, null],
            };
            $this->app->make(LogAccessory::class)->log(
                Athlete::query()->findOrFail($athleteId),
                $coach,
                new AccessoryDone($id, $at, Accessory::from($line['accessory']), $reps, $seconds, $metres),
            );

            return;
        }
        $exercise = ExerciseJson::read(JsonObject::parse(json_encode($line['rung']['exercise'], JSON_THROW_ON_ERROR)));
        $purpose = Purpose::from($line['purpose']);
        $done = $exercise->style->movement === Movement::Hold
            ? new SetDone($id, $at, $purpose, $exercise, hang_s: (float) $aim, line: $line['line'])
            : new SetDone($id, $at, $purpose, $exercise, max(0, $aim - $i % 2), asked_reps: $aim, reserve: 1, line: $line['line']);
        $this->app->make(LogSet::class)->log($athleteId, $coach, $done);
    }

    /** Whether an evening on that day of the week, counted from Monday, is on or about to be. */
    private function isNear(\DateTimeImmutable $now, int $day): bool
    {
        return (int) $now->format('N') === $day + 1 && in_array((int) $now->format('H'), range(16, 19), true);
    }
}
