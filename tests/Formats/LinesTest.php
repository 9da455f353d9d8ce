<?php

declare(strict_types=1);

use App\Formats\CommandLine\CommandLine;
use App\Formats\CommandLine\Topic;
use App\Formats\JsonObject;

/** Good requests of every topic, as lines. */
function goodLines(): array
{
    $body = ['mass_kg' => 70, 'stature_m' => 1.75];
    $band = ['id' => 'a', 'hung_length_m' => 1.0, 'width_mm' => 29, 'thickness_mm' => 4.5];

    return [
        'carried' => ['body' => $body, 'setup' => ['kind' => 'row', 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'heel_mark_m' => 0.2]],
        'band' => $band,
        'reps' => ['load_kg' => 60, 'reps' => 5],
        'heel-mark' => ['body' => $body, 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'share' => 0.55],
        'box' => ['body' => $body, 'bar_height_m' => 2.4, 'leg_part' => 0.3, 'heights_m' => [0.3, 0.05]],
        'ladder' => [
            'body' => $body,
            'kit' => ['bars' => [['id' => 'b', 'height_m' => 2.4]], 'bands' => [$band]],
            'from_share' => 0.6,
            'to_share' => 1,
            'lane' => 'pull',
        ],
        'seconds' => [
            'body' => $body,
            'capacity_share' => ['mean' => 0.9, 'sd' => 0.06],
            'exercise' => ['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'top', 'seconds' => 10],
        ],
    ];
}

it('answers each topic line by line as it answers it alone, and goes on after every kind of bad line', function (string $topic): void {
    $good = (string) json_encode(goodLines()[$topic]);
    $alone = core($good, $topic);
    $bad = ['', '{', 'null', '[]', '{"body":NaN}', "{\"a\":\"\xC3\x28\"}", '{"no such key":1}', str_repeat('[', 200), '{"mass_kg":1e999}'];
    $lines = core(implode("\n", array_merge(...array_map(fn (string $line): array => [$line, $good], $bad)))."\n", $topic, '--lines');
    $answers = explode("\n", rtrim($lines->getOutput(), "\n"));

    expect($alone->getExitCode())->toBe(0)->and($lines->getExitCode())->toBe(0)->and($answers)->toHaveCount(2 * count($bad));
    foreach ($answers as $i => $answer) {
        $i % 2 === 1
            ? expect("$answer\n")->toBe($alone->getOutput())
            : expect(json_decode($answer, true, flags: JSON_THROW_ON_ERROR))->toHaveKeys(['title', 'detail', 'errors']);
    }
})->with(array_keys(goodLines()));

it('goes on after a line that the program itself fails on', function (): void {
    $streams = array_map(static fn (): mixed => fopen('php://memory', 'w+'), range(0, 2));
    fwrite($streams[0], "{\"a\":1}\n{\"a\":2}\n{\"a\":3}\n");
    rewind($streams[0]);
    $answer = static fn (Topic $topic, JsonObject $request): array => [
        'answered' => $request->integer('a') === 2 ? intdiv(1, 0) : $request->integer('a'),
    ];
    $code = (new CommandLine(...[...$streams, $answer]))->run(['reps', '--lines']);
    rewind($streams[1]);
    $lines = array_map(
        static fn (string $line): mixed => json_decode($line, true),
        explode("\n", trim((string) stream_get_contents($streams[1]))),
    );

    expect($code)->toBe(0)
        ->and($lines[0])->toBe(['answered' => 1])
        ->and($lines[1]['title'])->toBe('The request could not be answered')
        ->and($lines[2])->toBe(['answered' => 3]);
});

it('answers the first line at once, while more are still to come', function (string $topic): void {
    $process = proc_open(
        [dirname(__DIR__, 2).'/bin/steady', 'core', $topic, '--lines'],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    fwrite($pipes[0], json_encode(goodLines()[$topic])."\n");
    stream_set_timeout($pipes[1], 10);
    $first = (string) fgets($pipes[1]);
    fclose($pipes[0]);
    stream_get_contents($pipes[1]);
    proc_close($process);

    expect(json_decode($first, true, flags: JSON_THROW_ON_ERROR))->not->toHaveKey('errors');
})->with(array_keys(goodLines()));

it('keeps to its schemas in both directions, for every topic', function (string $topic): void {
    $request = json_decode((string) json_encode(goodLines()[$topic]));
    $answer = json_decode(core((string) json_encode($request), $topic)->getOutput());

    expect(fitsSchema($request, "$topic.request"))->toBeTrue()->and(fitsSchema($answer, "$topic.answer"))->toBeTrue();
    $request->{'no such key'} = 1;
    expect(fitsSchema($request, "$topic.request"))->toBeFalse()->and(core((string) json_encode($request), $topic)->getExitCode())->toBe(2);
})->with(array_keys(goodLines()));
