<?php

declare(strict_types=1);

use App\Actions\Staff\Totp;

/** RFC 6238, appendix B, the rows of SHA-1: eight figures of the secret 12345678901234567890. */
it('makes the codes of RFC 6238', function (int $at, string $code): void {
    expect((new Totp('12345678901234567890'))->code(Totp::stepAt(new DateTimeImmutable("@$at")), 8))->toBe($code);
})->with([
    [59, '94287082'], [1111111109, '07081804'], [1111111111, '14050471'], [1234567890, '89005924'], [2000000000, '69279037'],
    [20000000000, '65353130'],
]);

/** RFC 4226, appendix D. */
it('makes the codes of RFC 4226', function (): void {
    $codes = array_map((new Totp('12345678901234567890'))->code(...), range(0, 9));

    expect($codes)->toBe(['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489']);
});

/** RFC 4648, section 10. */
it('writes a secret as RFC 4648 has it', function (string $bytes, string $base32): void {
    expect((new Totp($bytes))->base32())->toBe($base32);
})->with([['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], ['foobar', 'MZXW6YTBOI']]);
