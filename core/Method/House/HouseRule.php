<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

/**
 * What practitioners disagree about; each is settled by the gym. The first position of a rule is its default (common practice; ours
 * where the reason says so).
 */
enum HouseRule: string
{
    case Bands = 'bands';
    case BandAt = 'band-at';
    case Lowering = 'lowering';
    case LoweringStands = 'lowering-stands';
    case HopsDown = 'hops-down';
    case ChinGrip = 'chin-grip';
    case Width = 'width';
    case Bottom = 'bottom';
    case Top = 'top';
    case WayUp = 'way-up';
    case Legs = 'legs';
    case HangFirst = 'hang-first';
    case Failure = 'failure';
    case Frequency = 'frequency';
    case Rest = 'rest';
    case PullFirst = 'pull-first';
    case Trunk = 'trunk';
    case Machines = 'machines';
    case Stages = 'stages';
    case Kipping = 'kipping';
    case Confirm = 'confirm';

    public function point(): string
    {
        return self::TABLE[$this->value][0];
    }

    /** Why the default is what it is. */
    public function reason(): string
    {
        return self::TABLE[$this->value][1];
    }

    /** @return non-empty-array<string, string> words by position, the default first */
    public function positions(): array
    {
        return self::TABLE[$this->value][2];
    }

    public function default(): string
    {
        return array_key_first($this->positions());
    }

    private const TABLE = [
        'bands' => ['Bands as the usual help', 'Computed help makes them comparable; stepping in needs care, unease at height counts, and they are poor for fast high reps.', ['one-tool' => 'one tool among several', 'usual' => 'the usual help', 'extra' => 'for extra volume only', 'avoid' => 'avoid them']],
        'band-at' => ['Band at', 'More help and a straight line first.', ['foot-first' => 'foot first, knee as the harder step', 'knee' => 'knee always']],
        'lowering' => ['Lowering-only reps', 'A strong stimulus that makes sore.', ['twice-capped' => 'up to twice a week, capped', 'each-session' => 'each session', 'now-and-then' => 'now and then, for a reason', 'never' => 'never']],
        'lowering-stands' => ['Lowering stands', 'Control is predicted, so the order can follow the person.', ['after-rows' => 'after rows, before or with bands', 'after-bands' => 'after bands', 'last' => 'last of all', 'in-band' => 'first in a band']],
        'hops-down' => ['Jumped reps: the way down', 'Braking many descents is a known way to severe muscle damage.', ['by-count' => 'over 15 a set: ride it down; fewer: controlled and counted as lowering', 'never-brake' => 'never brake', 'always-controlled' => 'always controlled']],
        'chin-grip' => ['Chin-up grip', 'An easier start; the goal is still tested with its own grip.', ['natural' => 'start with what feels natural, tracked apart', 'chin-first' => 'chin-up first', 'pull-only' => 'pull-up grip only']],
        'width' => ['Grip width', 'Forearms upright half way.', ['outside' => 'just outside the shoulders', 'shoulder' => 'shoulder width', 'wide' => 'wide']],
        'bottom' => ['Bottom of a rep', 'The whole way counts, and the shoulder stays held.', ['straight-set' => 'straight elbows, shoulders kept set', 'straight-slack' => 'straight elbows, slack']],
        'top' => ['Top of a rep', 'Everybody sees it alike.', ['chin' => 'chin over the bar', 'chest' => 'chest to the bar']],
        'way-up' => ['Way up', 'Fast needs clean control first.', ['steady' => 'steady', 'fast' => 'fast', 'paused' => 'slow, with pauses at both ends']],
        'legs' => ['Legs', 'One line, nothing to swing with.', ['in-front' => 'together, slightly in front', 'crossed' => 'crossed behind in a band']],
        'hang-first' => ['Hang before hanging work', 'The middle of what is asked; it gates hanging stages only, not rows.', ['40-s' => '40 s', '30-s' => '30 s', '60-s' => '60 s']],
        'failure' => ['To failure', 'Clean reps and joints that last (ours).', ['in-reserve' => 'one or two in reserve, tests excepted', 'first-tracked' => 'first set tracked, all pushed', 'every-set' => 'every set', 'three-quarters' => 'three quarters of what is possible']],
        'frequency' => ['Sessions a week', 'By method; never two hard vertical days in a row for newcomers.', ['2-3' => 'two or three', '1-2' => 'one or two', 'most-days' => 'most days']],
        'rest' => ['Rest', 'By purpose.', ['by-purpose' => '2–3 min for strength, 60–90 s for rows', '60-s' => '60 s', '20-30-s' => '20–30 s']],
        'pull-first' => ['Pull first in any session', 'Fresh is when it is learned.', ['yes' => 'yes', 'by-plan' => 'by the day’s plan']],
        'trunk' => ['Trunk work', 'It helps the line and tires no pull at the end.', ['alongside' => 'alongside', 'gate' => 'a gate', 'later' => 'left for later']],
        'machines' => ['Pull-down and counterweight machine', 'What carries over is doubted; a machine’s help does not fade like a band’s.', ['side-work' => 'kneeling pull-down and machine as side work', 'full' => 'as good as any', 'not-used' => 'not used']],
        'stages' => ['Stages', 'Ability decides, and the coach knows it.', ['in-order' => 'in order, the coach may skip', 'strict' => 'strictly in order']],
        'kipping' => ['Kipping', 'It loads the shoulder without the muscle to bear it.', ['after-strict' => 'not before five clean strict reps', 'never' => 'never']],
        'confirm' => ['Two sessions before less help', 'One good day is not a level (ours).', ['yes' => 'yes', 'no' => 'no, one is enough']],
    ];
}
