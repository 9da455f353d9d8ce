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
    case ChinUps = 'chin-ups';
    case Width = 'width';
    case Bottom = 'bottom';
    case HangShoulders = 'hang-shoulders';
    case Top = 'top';
    case Path = 'path';
    case WayUp = 'way-up';
    case Legs = 'legs';
    case HangFirst = 'hang-first';
    case Failure = 'failure';
    case Tired = 'tired';
    case AfterFirst = 'after-first';
    case Frequency = 'frequency';
    case Rest = 'rest';
    case PullFirst = 'pull-first';
    case Trunk = 'trunk';
    case Machines = 'machines';
    case Stages = 'stages';
    case Kipping = 'kipping';
    case Tries = 'tries';
    case Confirm = 'confirm';

    public function point(): string
    {
        return self::TABLE[$this->value][0];
    }

    /** @return non-empty-array<string, string> words by position, the default first */
    public function positions(): array
    {
        return array_map(static fn (array $position): string => $position[0], self::TABLE[$this->value][1]);
    }

    /** @return non-empty-array<string, string> what speaks for each position */
    public function reasons(): array
    {
        return array_map(static fn (array $position): string => $position[1], self::TABLE[$this->value][1]);
    }

    public function default(): string
    {
        return array_key_first($this->positions());
    }

    /** The point, then each position in words with what speaks for it, the default first. */
    private const TABLE = [
        'bands' => ['Bands as the usual help', [
            'one-tool' => [
                'one tool among several',
                'Computed help makes bands, boxes and machines comparable, so each is taken where it fits; stepping in needs care, and unease at height counts.',
            ],
            'usual' => ['the usual help', 'The whole movement is practised from the first day, and help fades thickness by thickness.'],
            'extra' => [
                'for extra volume only',
                'Bands help most at the bottom, where strength is needed; main work is built without them.',
            ],
            'avoid' => ['avoid them', 'They are poor for fast high reps, and a band that slips or snaps hurts.'],
        ]],
        'band-at' => ['Band at', [
            'foot-first' => ['foot first, knee as the harder step', 'More help and a straight line first.'],
            'knee' => ['knee always', 'It is stepped out of more easily, and the hips stay under the bar.'],
        ]],
        'lowering' => ['Lowering-only reps', [
            'twice-capped' => ['up to twice a week, capped', 'A strong stimulus that makes sore: two days and a cap keep it useful.'],
            'each-session' => ['each session', 'The way down is where the strength is first; it is practised whenever there is training.'],
            'now-and-then' => ['now and then, for a reason', 'One day a week breaks a standstill and costs little.'],
            'never' => ['never', 'Soreness costs more sessions than lowering gives.'],
        ]],
        'lowering-stands' => ['Lowering stands', [
            'after-rows' => [
                'after rows, before or with bands',
                'Control is predicted, so the order can follow the person and the method.',
            ],
            'after-bands' => ['after bands', 'Bands bring the strength to lower under control.'],
            'last' => ['last of all', 'The hardest on the elbows comes when all else is there.'],
            'in-band' => ['first in a band', 'A band takes off enough that the way down is even from the first one.'],
        ]],
        'hops-down' => ['Jumped reps: the way down', [
            'by-count' => [
                'over 15 a set: ride it down; fewer: controlled and counted as lowering',
                'Braking many descents is a known way to severe muscle damage; a few are good lowerings.',
            ],
            'never-brake' => ['never brake', 'The hop is for the way up; lowering has lines and caps of its own.'],
            'always-controlled' => ['always controlled', 'A way down that is not controlled teaches to drop. The lowering caps hold.'],
        ]],
        'chin-grip' => ['Chin-up grip', [
            'natural' => [
                'start with what feels natural, tracked apart',
                'An easier start for many; the goal is still tested with its own grip.',
            ],
            'chin-first' => ['chin-up first', 'The arms help more, so the first strict rep comes sooner; the pull-up follows.'],
            'pull-only' => ['pull-up grip only', 'What is tested is what is trained.'],
        ]],
        'chin-ups' => ['Strict chin-ups', [
            'easier' => ['easier than pull-ups, counted apart', 'Most do five to eight chin-ups where two to five pull-ups are there.'],
            'equal' => ['as good as pull-ups', 'Chin over the bar with nothing helping is a strict rep, whichever way the palms face.'],
        ]],
        'width' => ['Grip width', [
            'outside' => ['just outside the shoulders', 'Forearms upright half way.'],
            'shoulder' => ['shoulder width', 'Easiest on the shoulders, and the longest way.'],
            'wide' => ['wide', 'More back and less arms, on a shorter way.'],
        ]],
        'bottom' => ['Bottom of a rep', [
            'straight-set' => ['straight elbows, shoulders kept set', 'The whole way counts, and the shoulder stays held.'],
            'straight-slack' => ['straight elbows, slack', 'Each rep begins from nothing, as a first rep does.'],
        ]],
        'hang-shoulders' => ['Shoulders in a hang', [
            'set' => ['set', 'They learn to carry what the pull begins from.'],
            'slack' => ['slack', 'A long, loose hang lasts longer and opens the shoulders; setting them has an exercise of its own.'],
        ]],
        'top' => ['Top of a rep', [
            'chin' => ['chin over the bar', 'Everybody sees it alike.'],
            'chest' => ['chest to the bar', 'What reaches the chest leaves no doubt, and the back ends the pull.'],
        ]],
        'path' => ['Path of the pull', [
            'arc' => ['a slight arc round the bar', 'The chest comes up to the bar, and the chin passes it without reaching.'],
            'straight' => ['straight up', 'Nothing swings, and the legs help where they stand.'],
        ]],
        'way-up' => ['Way up', [
            'steady' => ['steady', 'Fast needs clean control first.'],
            'fast' => ['fast', 'Power comes from meaning to be fast.'],
            'paused' => ['slow, with pauses at both ends', 'Nothing swings, and no rep is in doubt; fewer come in a set.'],
        ]],
        'legs' => ['Legs', [
            'in-front' => ['together, slightly in front', 'One line, nothing to swing with.'],
            'crossed' => ['crossed behind in a band', 'The free leg keeps the band on the foot.'],
        ]],
        'hang-first' => ['Hang before hanging work', [
            '40-s' => ['40 s', 'The middle of what is asked; it gates hanging stages only, not rows.'],
            '30-s' => ['30 s', 'Enough for a set, and sooner there.'],
            '60-s' => ['60 s', 'Grip that never ends a set.'],
        ]],
        'failure' => ['To failure', [
            'in-reserve' => ['one or two in reserve, tests excepted', 'Clean reps and joints that last (ours).'],
            'first-tracked' => ['first set tracked, all pushed', 'One fresh number tells progress; the other sets are work.'],
            'every-set' => ['every set', 'Nobody guesses what was left.'],
            'three-quarters' => ['three quarters of what is possible', 'More sets that all look alike.'],
        ]],
        'tired' => ['Strict sets', [
            'fresh' => ['fresh', 'What is learned is a clean rep, and tired ones are not.'],
            'pre-tired' => [
                'pre-tired, from five reps',
                'Curls first make a few reps enough: two weeks of every four, then fresh, when the count goes up.',
            ],
        ]],
        'after-first' => ['After the first strict rep', [
            'volume' => ['more sets and reps', 'Reps come from reps, and the elbows take them better than weight.'],
            'weight' => [
                'small added weight, from six reps',
                'What is pulled with weight makes bodyweight light; five kilograms can halve the reps.',
            ],
        ]],
        'frequency' => ['Sessions a week', [
            '2-3' => ['two or three', 'By method; never two hard vertical days in a row for newcomers.'],
            '1-2' => ['one or two', 'Hard days need days between.'],
            'most-days' => ['most days', 'A skill is practised often, and little at a time.'],
        ]],
        'rest' => ['Rest', [
            'by-purpose' => ['2–3 min for strength, 60–90 s for rows', 'By purpose.'],
            '60-s' => ['60 s', 'A class keeps moving.'],
            '20-30-s' => ['20–30 s', 'Density: as much as can be done in the time there is.'],
        ]],
        'pull-first' => ['Pull first in any session', [
            'yes' => ['yes', 'Fresh is when it is learned.'],
            'by-plan' => ['by the day’s plan', 'The method knows why a line stands where it does.'],
        ]],
        'trunk' => ['Trunk work', [
            'alongside' => ['alongside', 'It helps the line, and at the end it tires no pull.'],
            'gate' => ['a gate', 'Whoever cannot hold a plank for a minute swings under a bar.'],
            'later' => ['left for later', 'The pull is what is trained.'],
        ]],
        'machines' => ['Pull-down and counterweight machine', [
            'side-work' => ['where a method names them', 'What carries over is doubted; a machine’s help does not fade like a band’s.'],
            'full' => ['as good as any', 'Any five kilograms, with a platform that feels safe.'],
            'not-used' => ['not used', 'Seated or on a platform nobody learns to hold the line.'],
        ]],
        'stages' => ['Stages', [
            'in-order' => ['in order, the coach may skip', 'Ability decides, and the coach knows it.'],
            'strict' => ['strictly in order', 'Each stage leaves what the next one needs.'],
        ]],
        'kipping' => ['Kipping', [
            'after-strict' => ['not before five clean strict reps', 'It loads the shoulder without the muscle to bear it.'],
            'never' => ['never', 'It is another movement, and none that strict reps need.'],
        ]],
        'tries' => ['Tries at the first strict rep', [
            'usual' => [
                'from a chance of one in seven',
                'First and fresh, five days apart: a miss costs no work, and the first rep is found sooner (ours).',
            ],
            'rare' => ['from a chance of one in four', 'Ten days apart: fewer misses, for whom they discourage.'],
            'often' => [
                'from a chance of one in ten',
                'Four days apart, and once in four weeks from one in fifty: whoever likes to know goes and looks.',
            ],
        ]],
        'confirm' => ['Two sessions before less help', [
            'yes' => ['yes', 'One good day is not a level (ours).'],
            'no' => ['no, one is enough', 'What was done can be done.'],
        ]],
    ];
}
