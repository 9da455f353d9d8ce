<?php

declare(strict_types=1);

use App\Formats\Csv;

/** RFC 4180, section 2; formulas as OWASP, “CSV Injection”, names them. */
it('writes cells as the standard has them, and no formula', function (string|int|float|null $cell, string $written): void {
    expect(Csv::line([$cell, 'x']))->toBe("$written,x\r\n");
})->with([
    ['plain', 'plain'],
    ['Elspeth, Rowntree', '"Elspeth, Rowntree"'],
    ['the "Mill"', '"the ""Mill"""'],
    ["two\nlines", "\"two\nlines\""],
    ['', ''],
    [null, ''],
    [8, '8'],
    [-8.5, '-8.5'],
    [70.0, '70'],
    ['=1+1', "'=1+1"],
    ['+44', "'+44"],
    ['-2', "'-2"],
    ['@sum', "'@sum"],
    ["\tx", "'\tx"],
    ['=HYPERLINK("a","b")', '"\'=HYPERLINK(""a"",""b"")"'],
]);

it('is read by PHP’s own reader as it was', function (): void {
    $cells = ['a,b', '"', "x\r\ny", 'ä 8', ''];
    expect(str_getcsv(rtrim(Csv::line($cells), "\r\n"), escape: ''))->toBe($cells);
});
