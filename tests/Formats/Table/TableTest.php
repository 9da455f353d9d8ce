<?php

declare(strict_types=1);

use App\Formats\Table\BadTable;
use App\Formats\Table\DateForm;
use App\Formats\Table\PlainText;
use App\Formats\Table\Quantity;
use App\Formats\Table\Record;
use App\Formats\Table\Records;

/** @return list<list<string>|string> cells, or what is wrong with the line */
function cellsOf(string $text): array
{
    return array_map(static fn (Record $r): array|string => $r->fault === null ? $r->cells : "$r->line: $r->fault", [...Records::of($text)]);
}

it('reads what RFC 4180 has, with commas, semicolons or tabs, and says which lines are not well formed', function (): void {
    expect(cellsOf("a,b\r\n\"x, \"\"y\"\"\nz\",2\r\n"))->toBe([['a', 'b'], ["x, \"y\"\nz", '2']])
        ->and(cellsOf("a;b\n1,5;2\n"))->toBe([['a', 'b'], ['1,5', '2']])
        ->and(cellsOf("a\tb\n1\t\n"))->toBe([['a', 'b'], ['1', '']])
        ->and(cellsOf("a,b\n\n\"1\"x,2\n5'11\",70\n3,\"open\n4,5\n"))->toBe([
            ['a', 'b'], '2: The line is blank.', '3: Something stands after a closing quote.', ["5'11\"", '70'],
            '5: A quote is opened here and not closed.', ['4', '5'],
        ])
        ->and(cellsOf('a,b'."\n".'back\\"slash,1'))->toBe([['a', 'b'], ['back\\"slash', '1']])
        ->and(cellsOf("a\n".str_repeat('x', 600)))->toBe([['a'], '2: A cell is longer than 500 letters.']);
});

it('reads the same as Python’s csv module, whatever is quoted', function (): void {
    mt_srand(7);
    $alphabet = ['a', 'é', ',', '"', "\n", ' x', '0', ';'];
    $rows = array_map(static fn (): array => array_map(
        static fn (): string => 'k'.implode('', array_map(static fn (): string => $alphabet[mt_rand(0, 7)], range(1, mt_rand(1, 6)))).'k',
        range(1, 4),
    ), range(1, 200));
    $file = (string) tempnam(sys_get_temp_dir(), 'csv');
    file_put_contents("$file.json", json_encode($rows));
    $python = 'import csv,json,sys; csv.writer(open(sys.argv[1],"w",newline="",encoding="utf-8")).writerows([["1","2","3","4"]]+json.load(open(sys.argv[1]+".json")))';
    exec('/usr/bin/python3 -c '.escapeshellarg($python).' '.escapeshellarg($file), result_code: $code);
    $read = cellsOf((string) file_get_contents($file));
    array_map(unlink(...), [$file, "$file.json"]);

    expect($code)->toBe(0)->and(array_slice($read, 1))->toBe($rows);
});

it('knows UTF-8, UTF-16 of either order and Windows-1252 apart, and what is no text', function (): void {
    $text = "name,note\nZoë,“ok”\n";
    foreach (['UTF-8', 'UTF-16LE', 'UTF-16BE', 'Windows-1252'] as $encoding) {
        expect(PlainText::of((string) mb_convert_encoding($text, $encoding, 'UTF-8')))->toBe($text, $encoding);
    }
    expect(PlainText::of("\u{FEFF}a"))->toBe('a')->and(PlainText::of("\xFF\xFEa\0"))->toBe('a')
        ->and(fn () => PlainText::of("PK\x03\x04more"))->toThrow(BadTable::class, 'spreadsheet')
        ->and(fn () => PlainText::of("a,b\n\0,\0"))->toThrow(BadTable::class);
});

it('reads the days and times that people write', function (string $text, DateForm $form, ?string $day): void {
    expect($form->read($text))->toBe($day);
})->with([
    ['2026-03-02', DateForm::MonthFirst, '2026-03-02'], ['2026-03-02T18:30:00Z', DateForm::DayFirst, '2026-03-02'],
    ['2.3.2026', DateForm::DayFirst, '2026-03-02'], ['02/03/26', DateForm::DayFirst, '2026-03-02'],
    ['03/02/2026 18:30', DateForm::MonthFirst, '2026-03-02'], ['2 Mar 2026', DateForm::MonthFirst, '2026-03-02'],
    ['Mon, 2nd March 2026', DateForm::DayFirst, '2026-03-02'], ['March 2, 2026', DateForm::DayFirst, '2026-03-02'],
    ['20260302', DateForm::DayFirst, '2026-03-02'], ['31.02.2026', DateForm::DayFirst, null], ['13/13/2026', DateForm::DayFirst, null],
    ['yesterday', DateForm::DayFirst, null], ['', DateForm::DayFirst, null],
]);

it('guesses which comes first, and reads the time beside', function (): void {
    expect(DateForm::guessed(['01/02/2026', '03/25/2026']))->toBe(DateForm::MonthFirst)
        ->and(DateForm::guessed(['01/02/2026', '25/03/2026']))->toBe(DateForm::DayFirst)
        ->and(DateForm::time('2.3.2026 18:05'))->toBe('18:05')->and(DateForm::time('9:15'))->toBe('09:15')->and(DateForm::time('2.3.2026'))->toBeNull();
});

it('reads quantities as people write them, the unit that is written before the column’s', function (): void {
    expect(Quantity::kg('176 lb', 'kg'))->toEqualWithDelta(79.832, 1e-3) // NIST Handbook 44, appendix C: 1 lb = 0.453 592 37 kg
        ->and(Quantity::kg('70,5', 'kg'))->toBe(70.5)->and(Quantity::kg('154', 'lb'))->toEqualWithDelta(69.853, 1e-3)
        ->and(Quantity::m('235,5 cm', 'm'))->toEqualWithDelta(2.355, 1e-9)->and(Quantity::m('5\'11"', 'cm'))->toEqualWithDelta(1.8034, 1e-9)
        ->and(Quantity::m('5 ft 11 in', 'cm'))->toEqualWithDelta(1.8034, 1e-9)->and(Quantity::m('71', 'in'))->toEqualWithDelta(1.8034, 1e-9)
        ->and(Quantity::m('180', 'cm'))->toEqualWithDelta(1.8, 1e-9)->and(Quantity::m('70 kg', 'cm'))->toBeNull()
        ->and(Quantity::kg('−10', 'kg'))->toBe(-10.0)->and(Quantity::kg('ten', 'kg'))->toBeNull()
        ->and(Quantity::share('62 %'))->toEqualWithDelta(0.62, 1e-9)->and(Quantity::share('62'))->toEqualWithDelta(0.62, 1e-9)
        ->and(Quantity::count('8 reps'))->toBe(8)->and(Quantity::count('8.5'))->toBeNull()
        ->and(Quantity::seconds('1:05'))->toBe(65.0)->and(Quantity::seconds('31 s'))->toBe(31.0);
});
