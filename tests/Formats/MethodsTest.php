<?php

declare(strict_types=1);

use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use App\Formats\Methods\Catalogue;
use App\Formats\Unreadable;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Method\Needs;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

/** A method as JSON, with one change made to it. */
function changed(string $key, Closure $change): JsonObject
{
    $json = json_decode((string) json_encode(MethodJson::of(Catalogue::method($key))));
    $change($json);

    return JsonObject::parse((string) json_encode($json));
}

it('reads each shipped method, writes it as it reads it, and fits the schema', function (string $key): void {
    $method = Catalogue::method($key);
    $json = json_decode((string) json_encode(MethodJson::of($method)));

    expect(MethodJson::of(MethodJson::read(JsonObject::parse((string) json_encode($json)))))->toEqual(MethodJson::of($method))
        ->and(fitsSchema($json, 'method'))->toBeTrue()
        ->and(fitsSchema(
            json_decode((string) file_get_contents(dirname(__DIR__, 2)."/core/Method/catalogue/$key.json")),
            'method',
        ))->toBeTrue()
        ->and($method->key)->toBe($key)->and($method->says)->not->toBeEmpty();
})->with(Catalogue::keys());

/** @return list<string> kinds of set-up that a method names, and the unassisted pull that it leads to */
function ownKinds(Method $method): array
{
    $kinds = [ChoiceKind::Strict->value];
    foreach ($method->stages as $stage) {
        foreach ($stage->lines as $line) {
            array_push($kinds, ...array_map(static fn ($m): string => $m->kind->value, $line->allowed));
        }
    }

    return array_values(array_unique($kinds));
}

it('leads through each method from the first stage to strict reps by the real sessions and calls, within the caps', function (
    string $key,
): void {
    $method = Catalogue::method($key);
    $ways = new SearchedRungs(new RungSearch(gymWithLowBar()), athlete(70, 1.75, 2.1));
    $own = ownKinds($method);
    $trainee = new Trainee(VirtualAthlete::drawn(ResponseModel::Spells, 5, 0.85), 0.03);
    $stages = [];
    $lowered = [];
    $last = null;
    foreach (Apprenticeship::of($trainee, $method, HouseRules::usual(), $ways, 7 * 130) as $day => $trained) {
        $stages[$trained->place->stage->key] = true;
        $lowered[intdiv($day + 3, 7)] = ($lowered[intdiv($day + 3, 7)] ?? 0) + $trained->came()->lowerings();
        $last = $trained;
        expect($trained->call)->not->toBeNull()
            ->and(array_values(array_diff(array_map(fn (Done $d): string => $d->kind->value, $trained->sets), $own)))->toBe([]);
        if (count($stages) === count($method->stages) && $trained->came()->strictReps() > 0) {
            break;
        }
    }

    expect(array_keys($stages))->toBe(array_map(fn ($stage): string => $stage->key, $method->stages))
        ->and($last->came()->strictReps())->toBeGreaterThan(0)
        ->and(max(array_slice($lowered, 0, 4)))->toBeLessThanOrEqual(30 + 30);
    foreach (array_values($lowered) as $week => $count) {
        expect($count)->toBeLessThanOrEqual(max(30, 1.2 * max([0, ...array_slice(array_values($lowered), max(0, $week - 5), 5)])) + 1);
    }
})->with(Catalogue::keys());

it('writes somebody weak nothing in means that the school does not use, and always something to pull', function (string $key): void {
    $method = Catalogue::method($key);
    $ways = new SearchedRungs(new RungSearch(gymWithLowBar()), athlete(70, 1.75, 2.1));
    $trainee = new Trainee(VirtualAthlete::drawn(ResponseModel::SlowDrift, 7, 0.55), 0.03);
    $foreign = $empty = 0;
    foreach (Apprenticeship::of($trainee, $method, HouseRules::usual(), $ways, 7 * 26) as $trained) {
        $kinds = array_map(fn (Done $d): string => $d->kind->value, $trained->sets);
        $foreign += count(array_diff($kinds, ownKinds($method)));
        $empty += $trained->session->refused === null && $kinds === [] ? 1 : 0;
    }

    expect([$foreign, $empty])->toBe([0, 0]);
})->with(Catalogue::keys());

it('reaches every verdict on the way, but the referral that nobody simulated needs', function (): void {
    $wanted = array_diff(array_column(Verdict::cases(), 'value'), [Verdict::Refer->value]);
    $seen = [];
    foreach (['foundation' => 11, 'steady-ladder' => 12] as $key => $seed) {
        $ways = new SearchedRungs(new RungSearch(gymWithHoist()), athlete(70, 1.75, 2.1));
        foreach (
            Apprenticeship::of(
                new Trainee(VirtualAthlete::drawn(ResponseModel::Spells, $seed, 0.9, reserveBias: 2.0, formSd: 0.09), 0.06, 3.0),
                Catalogue::method($key),
                HouseRules::of(['lowering' => 'each-session']),
                $ways,
                7 * 60,
            ) as $trained
        ) {
            $seen[$trained->call?->verdict->value] = true;
        }
    }

    expect(array_diff($wanted, array_keys($seen)))->toBe([]);
});

it('refuses a method that cannot be followed, and points to what is wrong', function (Closure $change, string $pointer, string $why): void {
    try {
        MethodJson::read(changed('rows-first', $change));
        $faults = [];
    } catch (Unreadable $refused) {
        $faults = $refused->faults;
    }

    expect($faults)->not->toBeEmpty()->and($faults[0]->pointer)->toBe($pointer)->and($faults[0]->detail)->toContain($why);
})->with([
    'an unknown key' => [fn ($m) => $m->colour = 'red', '/colour', 'not known'],
    'no stage' => [fn ($m) => $m->stages = [], '/stages', 'at least one stage'],
    'no work' => [fn ($m) => $m->stages[0]->lines = [$m->stages[0]->lines[0]], '/stages/0/lines', 'no main work'],
    'a gate beyond its work' => [fn ($m) => $m->stages[0]->gate->reps = 99, '', 'cannot be finished'],
    'twice the same' => [fn ($m) => $m->stages[1]->key = $m->stages[0]->key, '', 'stands twice'],
    'an unknown kind' => [fn ($m) => $m->stages[0]->lines[1]->do[0]->kind = 'trapeze', '/stages/0/lines/1/do/0/kind', 'must be one of'],
    'what the kind does not allow' => [
        fn ($m) => $m->stages[0]->lines[1]->do[0]->movement = 'hold',
        '/stages/0/lines/1/do/0/seconds',
        'how many seconds',
    ],
    'an unknown position' => [fn ($m) => $m->says = ['bands' => 'always'], '/says/bands', 'no position'],
    'nothing done' => [function ($m): void {
        unset($m->stages[0]->lines[0]->do, $m->stages[0]->lines[0]->accessory);
    }, '/stages/0/lines/0/do', 'Say what is done: do or accessory.'],
    'no amount' => [function ($m): void {
        unset($m->stages[0]->lines[0]->reps, $m->stages[0]->lines[0]->seconds);
    }, '/stages/0/lines/0/reps', 'Say how much'],
    'a gate of nothing' => [function ($m): void {
        unset($m->stages[0]->gate->reps, $m->stages[0]->gate->seconds);
    }, '/stages/0/gate/reps', 'Say what the gate asks'],
    'a stage without lines' => [fn ($m) => $m->stages[0]->lines = [], '/stages/0/lines', 'at least one line'],
    'half a week' => [fn ($m) => $m->stages[0]->weeks = [2.5, 4], '/stages/0/weeks', 'one or two whole numbers'],
    'half a set' => [fn ($m) => $m->stages[0]->lines[1]->sets = 2.5, '/stages/0/lines/1/sets', 'whole number'],
]);

it('names what is allowed where a name is not known', function (): void {
    try {
        MethodJson::read(changed('rows-first', fn ($m) => $m->stages[0]->lines[0]->part = 'encore'));
    } catch (Unreadable $refused) {
        expect($refused->faults[0]->allowed)->toBe(array_column(SessionPart::cases(), 'value'));
    }
});

it('can be done with the small gym, each of them but for single stages', function (string $key): void {
    expect(Needs::lackingStages(Catalogue::method($key), gymWithLowBar()))->toBe([]);
})->with(Catalogue::keys());
