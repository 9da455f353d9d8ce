<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Athletes\WeighAthlete;
use App\Actions\Calls\CallDecision;
use App\Actions\Calls\DecideCall;
use App\Actions\Consent\ConsentGiven;
use App\Actions\Consent\NoteConsent;
use App\Actions\Inserted;
use App\Actions\Log\LogSet;
use App\Actions\Log\ReportSignal;
use App\Actions\Log\SetDone;
use App\Actions\Log\SignalTold;
use App\Actions\Methods\MoveAthlete;
use App\Actions\Methods\PlaceGiven;
use App\Actions\RecalculateDue;
use App\Actions\Screening\ScreenAthlete;
use App\Actions\Screening\ScreenTaken;
use App\Actions\Setups\ChooseSetup;
use App\Context\Athletes\LoadEstimate;
use App\Context\Kit\GymKit;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Gym\User;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Kit;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Safety\Consent\ConsentGiver;
use SteadyRung\Safety\Consent\ConsentWords;
use SteadyRung\Safety\Overhead;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Reps\RepCurve;
use SteadyRung\Strength\StrictTry;

/**
 * Lets a virtual athlete train through the same actions a coach uses, so that the demo's log, capacity and calls are real ones.
 */
final class DemoHistory
{
    private const SETS = 3;

    private const ASKED = 8;

    private const DAYS_BETWEEN = [2, 3, 2];

    /** What rows a person can do, in carried share, beside pulls. */
    private const ROW_PER_PULL = 0.85;

    private const SESSIONS_PER_WEIGHING = 4;

    /** Backwards from the latest weighing. */
    private const MASS_WANDERS_KG = [0.0, 0.4, -0.3, 0.7, 0.2];

    private int $serial = 0;

    private ?\DateTimeImmutable $lastTry = null;

    private int $seed = 0;

    public function __construct(
        private readonly DemoClock $clock,
        private readonly GymKit $kit,
        private readonly LogSet $logSet,
        private readonly ChooseSetup $chooseSetup,
        private readonly DecideCall $decideCall,
        private readonly WeighAthlete $weigh,
        private readonly LoadEstimate $estimates,
        private readonly ScreenAthlete $screen,
        private readonly NoteConsent $consent,
        private readonly MoveAthlete $move,
        private readonly ReportSignal $tell,
        private readonly RecalculateDue $catchUp,
    ) {
    }

    public function write(DemoAthlete $demo, Athlete $athlete, User $coach, \DateTimeImmutable $last, int $seed): void
    {
        if ($demo->ending === DemoEnding::NotBegun) {
            return;
        }
        $this->seed = $seed;
        $virtual = VirtualAthlete::drawn($demo->model, $seed, $demo->capacityShare, k: RepCurve::USUAL_K, formSd: 0.025);
        $days = self::days($last, $demo->weeks);
        $this->baseline($demo, $athlete, $coach, $virtual, $days[0]);
        $this->weighings($athlete, $days);
        foreach (array_slice($days, 1) as $i => $day) {
            $left = count($days) - 2 - $i;
            $virtual->pass(self::DAYS_BETWEEN[$i % 3]);
            if ($left > 1 && $virtual->chance(0.1)) {
                continue; // nobody comes every time
            }
            $this->session($demo, $athlete, $coach, $virtual, $day, $left);
            $this->signals($demo, $athlete, $coach, $day, $left);
        }
        $this->catchUp->now($athlete->id);
    }

    private function baseline(DemoAthlete $demo, Athlete $athlete, User $coach, VirtualAthlete $virtual, \DateTimeImmutable $day): void
    {
        $this->clock->set($day);
        $this->consent->give($athlete, $coach, new ConsentGiven(
            sprintf('01900000-0000-7000-a000-%012d', $this->seed),
            sprintf('%d-%02d-%02d', 1976 + $this->seed % 29, 1 + $this->seed % 12, 1 + $this->seed % 28),
            ConsentGiver::Athlete,
            ConsentWords::USUAL,
        ));
        $this->screen->screen($athlete, $coach, new ScreenTaken($this->nextId(), Overhead::Level));
        $rung = $this->startingRung($demo->lane, $athlete, $virtual->capacityShare());
        $row = $this->startingRung(Lane::Row, $athlete, self::ROW_PER_PULL * $virtual->capacityShare());
        $this->log(
            $athlete,
            $coach,
            new SetDone($this->nextId(), $day, Purpose::Baseline, hang_s: round(20 + 45 * max(0.0, $virtual->capacityShare() - 0.5), 1)),
        );
        if ($demo->lane !== Lane::Row) {
            $this->log(
                $athlete,
                $coach,
                new SetDone($this->nextId(), $day->modify('+2 minutes'), Purpose::Baseline, $row->exercise, 9, reserve: 1),
            );
        }
        $reps = $virtual->repsToFailure($rung->load->effectiveShare(), 0);
        $this->log(
            $athlete,
            $coach,
            new SetDone($this->nextId(), $day->modify('+5 minutes'), Purpose::Baseline, $rung->exercise, max(0, $reps - 1), reserve: 1),
        );
        $this->chooseSetup->choose($athlete, $rung->exercise);
        if ($demo->stage !== null) {
            [$method, $stage] = explode('/', $demo->stage);
            $this->move->place($athlete, $coach, new PlaceGiven($this->nextId(), $method, $stage, 'Able enough to begin here.'));
        }
    }

    private function session(
        DemoAthlete $demo,
        Athlete $athlete,
        User $coach,
        VirtualAthlete $virtual,
        \DateTimeImmutable $day,
        int $left,
    ): void {
        $this->clock->set($day);
        $athlete->refresh();
        $rung = (new RungSearch($this->kit->inUse()))->rung(
            $athlete->chosen ?? throw new \LogicException('The demo athlete has no set-up.'),
            $athlete->toCore(),
        );
        if (! $rung instanceof Rung) {
            throw new \LogicException("The demo set-up does not fit: $rung->reason");
        }
        $sets = $demo->ending === DemoEnding::StrictNear ? [] : $this->tryStrict($demo, $athlete, $virtual, $day);
        for ($set = 0; $set < self::SETS; $set++) {
            $at = $day->modify(sprintf('+%d minutes', 4 * $set));
            $sets[] = $rung->exercise->style->movement === Movement::Hold
                ? new SetDone(
                    $this->nextId(),
                    $at,
                    Purpose::Work,
                    $rung->exercise,
                    hang_s: round(
                        $rung->exercise->style->at?->isGrip() === true
                            ? 18.0 + 25.0 * $virtual->capacityShare()
                            : 6.0 + 10.0 * max(0.0, $virtual->capacityShare() - 0.8),
                        1,
                    ),
                )
                : new SetDone(
                    $this->nextId(),
                    $at,
                    Purpose::Work,
                    $rung->exercise,
                    ...$this->result($demo, $virtual, $rung, $set, $left),
                    asked_reps: self::ASKED,
                );
        }
        $this->clock->set($sets[count($sets) - 1]->performed_at);
        foreach ($this->logSet->logAll($athlete->id, $coach, $sets) as $outcome) {
            $outcome instanceof Inserted ?: throw $outcome;
        }
        if ($left > 0) {
            $this->decide($athlete, $coach, $day->modify('+40 minutes'));
        }
    }

    /** What is told after a session: effort as a rule, what gave out and soreness where the last weeks are to show it. */
    private function signals(DemoAthlete $demo, Athlete $athlete, User $coach, \DateTimeImmutable $day, int $left): void
    {
        $limitingFactor = $demo->ending === DemoEnding::GripGivesOut && $left < 2 ? LimitingFactor::Grip : null;
        $soreness = $demo->ending === DemoEnding::Sore && $left === 0 ? 4 : null;
        if ($limitingFactor !== null || $soreness !== null || $left % self::SESSIONS_PER_WEIGHING === 0) {
            $this->clock->set($day->modify('+30 minutes'));
            $this->tell->tell(
                $athlete,
                $coach,
                new SignalTold($this->nextId(), $day->format('Y-m-d'), $soreness, gave_out: $limitingFactor, effort: 7),
            );
        }
    }

    /** @return list<SetDone> a fresh try before the work, every ten days from a chance of one in four on */
    private function tryStrict(DemoAthlete $demo, Athlete $athlete, VirtualAthlete $virtual, \DateTimeImmutable $day): array
    {
        $state = $demo->lane === Lane::Pull ? $this->estimates->of($athlete->id, Pattern::Pull)->state : null;
        $since = $this->lastTry === null ? null : (int) $this->lastTry->diff($day)->days;
        if ($state === null || ! StrictTry::isLongEnoughAgo($since) || ! StrictTry::isWorthIt(StrictTry::chance($state))) {
            return [];
        }
        $this->lastTry = $day;

        return [new SetDone(
            $this->nextId(),
            $day->modify('-6 minutes'),
            Purpose::Try,
            Exercise::of(new StrictPull),
            $virtual->repsToFailure(1.0, 0),
            reserve: 0,
            to_failure: true,
        )];
    }

    /** @return array{clean_reps: int, reserve: int|null, no_counts?: array<string, int>, pain?: Pain} */
    private function result(DemoAthlete $demo, VirtualAthlete $virtual, Rung $rung, int $set, int $left): array
    {
        $failure = $virtual->repsToFailure($rung->load->effectiveShare(), $set);
        $reserve = $virtual->chance(0.15) ? null : min(2, intdiv($failure, 4));
        $clean = min(10, max(0, $failure - ($reserve ?? 1)));
        $result = match (true) {
            $demo->ending === DemoEnding::GateMet && $left < 2 => ['clean_reps' => max(10, $clean) - intdiv($set, 2), 'reserve' => 3],
            $demo->ending === DemoEnding::StrictNear && $left < 2 => ['clean_reps' => 7, 'reserve' => 1],
            $demo->ending === DemoEnding::BelowFloor && $left < 3 => ['clean_reps' => 4 - intdiv($set, 2), 'reserve' => 0],
            default => ['clean_reps' => $clean, 'reserve' => $reserve],
        };
        if ($virtual->chance(0.2)) {
            $result['no_counts'] = [$virtual->chance(0.5) ? 'short-at-top' : 'leg-drive' => 1];
        }
        if ($demo->ending === DemoEnding::Pain && $left === 0 && $set === self::SETS - 1) {
            $result['pain'] = Pain::of(PainPlace::Elbow, 4);
        }

        return $result;
    }

    private function decide(Athlete $athlete, User $coach, \DateTimeImmutable $at): void
    {
        $this->clock->set($at);
        $this->catchUp->now($athlete->id);
        $call = CallRecord::openOf($athlete->id);
        if ($call !== null && $call->verdict !== Verdict::Refer) {
            $this->decideCall->decide($call, $coach, CallDecision::accept($call->version));
        }
    }

    /** The set-up on which about ten reps are there at the start. */
    private function startingRung(Lane $lane, Athlete $athlete, float $capacityShare): Rung
    {
        $aim = $capacityShare / RepCurve::steady()->ratio(10.0);
        $kit = $this->kit->inUse();
        $search = new RungSearch($lane === Lane::Row ? Kit::of($kit->ringPairs) : $kit);
        $rungs = $lane === Lane::Pull ? $search->singles($athlete->toCore()) : array_values(array_filter(
            $search->lane($lane, $athlete->toCore()),
            static fn (Rung $rung): bool => $rung->holds()
                && $rung->exercise->setup instanceof InRow
                && $rung->exercise->setup->ringId !== null
                && $rung->exercise->setup->boxId === null,
        ));
        usort(
            $rungs,
            static fn (Rung $a, Rung $b): int => abs($a->load->effectiveShare() - $aim) <=> abs($b->load->effectiveShare() - $aim),
        );

        return $rungs[0];
    }

    /**
     * One in about two weeks, wandering within a kilogram, the last at the mass the athlete has.
     *
     * @param  non-empty-list<\DateTimeImmutable>  $days
     */
    private function weighings(Athlete $athlete, array $days): void
    {
        foreach (array_reverse($days) as $i => $day) {
            if ($i % self::SESSIONS_PER_WEIGHING === 0) {
                $this->weigh->note(
                    $athlete,
                    $this->nextId(),
                    $day->format('Y-m-d'),
                    $athlete->mass_kg + self::MASS_WANDERS_KG[intdiv($i, self::SESSIONS_PER_WEIGHING) % count(self::MASS_WANDERS_KG)],
                );
            }
        }
    }

    private function log(Athlete $athlete, User $coach, SetDone $done): void
    {
        $this->clock->set($done->performed_at);
        $this->logSet->log($athlete->id, $coach, $done);
    }

    private function nextId(): string
    {
        return sprintf('01900000-0000-7000-9000-%04d%08d', $this->seed % 10000, ++$this->serial);
    }

    /** @return non-empty-list<\DateTimeImmutable> */
    private static function days(\DateTimeImmutable $last, int $weeks): array
    {
        $days = [$last];
        for ($i = 0; count($days) < 3 * $weeks; $i++) {
            array_unshift($days, $days[0]->modify(sprintf('-%d days', self::DAYS_BETWEEN[$i % 3])));
        }

        return $days;
    }
}
