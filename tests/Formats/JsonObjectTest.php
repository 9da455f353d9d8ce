<?php

declare(strict_types=1);

use App\Formats\Day;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Safety\PainPlace;

/** The pointer and detail of the refusal. */
function refusal(Closure $command): string
{
    try {
        $command();
    } catch (Unreadable $problem) {
        return $problem->faults[0]->pointer.' '.$problem->faults[0]->detail;
    }

    return 'accepted';
}

it('trims text, and refuses what no person types', function (): void {
    $json = JsonObject::parse(
        (string) json_encode(['a' => '  Ann  ', 'nul' => "A\0B", 'long' => str_repeat('é', 11), 'empty' => '  ', 'n' => 3]),
    );

    expect($json->text('a', 10))->toBe('Ann')
        ->and($json->optionalText('empty', 10))->toBeNull()
        ->and(refusal(fn () => $json->text('nul', 10)))->toContain('/nul This holds control characters')
        ->and(refusal(fn () => $json->text('long', 10)))->toContain('10 characters')
        ->and(refusal(fn () => $json->text('n', 10)))->toContain('must be text')
        ->and(refusal(fn () => JsonObject::parse('[1]')))->toContain('must be a JSON object')
        ->and(refusal(fn () => JsonObject::parse('{"list":[" "]}')->texts('list', 3)))->toBe('/list/0 This must be text.')
        ->and(refusal(fn () => JsonObject::parse('{"on":"2026-03-03"}')->date('on', '2026-03-02')))->toBe('/on This day has not come yet.')
        ->and(refusal(fn () => JsonObject::parse('{"on":"2026-02-30"}')->date('on', '2026-03-02')))->toContain('must be a date');
});

it('reads whole numbers however they are written, and nothing else as such', function (): void {
    $json = JsonObject::parse('{"i":8,"f":8.0,"half":8.5,"big":1e12,"s":"8","t":true}');

    expect($json->integer('i'))->toBe(8)->and($json->integer('f'))->toBe(8)
        ->and(refusal(fn () => $json->integer('half')))->toContain('whole number')
        ->and(refusal(fn () => $json->integer('big')))->toContain('whole number')
        ->and(refusal(fn () => $json->integer('s')))->toContain('finite number')
        ->and(refusal(fn () => $json->integer('t')))->toContain('finite number');
});

it('reads moments with their offset and refuses the rest', function (string $text, bool $good): void {
    $json = JsonObject::parse((string) json_encode(['at' => $text]));

    expect(refusal(fn () => $json->moment('at')) === 'accepted')->toBe($good);
})->with([
    ['2026-03-02T18:00:00Z', true], ['2026-03-02T18:00:00.123+01:00', true], ['2026-03-02', false],
    ['2026-03-02T18:00:00', false], ['1999-03-02T18:00:00Z', false], ['2026-99-99T18:00:00Z', false], ['now', false],
]);

it('escapes pointers, names enum values, and finds things in lists', function (): void {
    $json = JsonObject::parse('{"a/b~c":1,"place":"toe","list":[{"x":1},5],"texts":["a",7]}');

    expect(refusal(fn () => $json->allowing('place', 'list', 'texts')))->toBe('/a~1b~0c This key is not known here.')
        ->and(refusal(fn () => $json->choice('place', PainPlace::class)))->toContain('shoulder, elbow')
        ->and(refusal(fn () => $json->objects('list', 5)))->toBe('/list/1 This must be an object.')
        ->and(refusal(fn () => $json->texts('texts', 1)))->toContain('1 entries at the most');
});

it('refuses JSON that is too deep, and a query that is no plain text', function (): void {
    expect(refusal(fn () => JsonObject::parse(str_repeat('{"a":', 60).'1'.str_repeat('}', 60))))->toContain('readable JSON')
        ->and(refusal(fn () => JsonObject::ofQuery(['page' => ['1']], 'page')->integer('page')))->toContain('finite number')
        ->and(refusal(fn () => JsonObject::ofQuery(['search' => "\xC3\x28"])->optionalText('search', 80)))->toContain('UTF-8')
        ->and(JsonObject::ofQuery(['page' => '3'], 'page')->integer('page'))->toBe(3)
        ->and(JsonObject::ofQuery(['share' => '0.55'], 'share')->number('share'))->toBe(0.55)
        ->and(JsonObject::ofQuery(['search' => '12'])->optionalText('search', 80))->toBe('12');
});

it('counts days across months, leap days and years', function (): void {
    expect(Day::number('1970-01-01'))->toBe(0)
        ->and(Day::number('2024-03-01') - Day::number('2024-02-28'))->toBe(2)
        ->and(Day::number('2026-01-01') - Day::number('2025-01-01'))->toBe(365);
});
