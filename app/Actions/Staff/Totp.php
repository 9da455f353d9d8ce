<?php

declare(strict_types=1);

namespace App\Actions\Staff;

/**
 * Codes of six figures that a phone makes of a shared secret every 30 s (TOTP, RFC 6238, with HMAC-SHA-1 as phones have it).
 */
final readonly class Totp
{
    public const STEP_S = 30;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret  bytes; 20 and more (RFC 4226, section 4) */
    public function __construct(#[\SensitiveParameter] private string $secret)
    {
    }

    public static function stepAt(\DateTimeImmutable $moment): int
    {
        return intdiv($moment->getTimestamp(), self::STEP_S);
    }

    /** The code of a step, with as many figures as are asked for (HOTP, RFC 4226, section 5.3). */
    public function code(int $step, int $figures = 6): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $at = ord($hash[19]) & 15;
        $number = (int) hexdec(bin2hex(substr($hash, $at, 4))) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $figures), $figures, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code it is: of the present one or one beside it, and later than the last one used, so that a code works once.
     */
    public function stepOf(#[\SensitiveParameter] string $code, \DateTimeImmutable $now, int $lastUsed): ?int
    {
        foreach ([0, -1, 1] as $beside) {
            $step = self::stepAt($now) + $beside;
            if ($step > $lastUsed && hash_equals($this->code($step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** The secret as it is typed into a phone (base32, RFC 4648). */
    public function base32(): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($this->secret)));

        return implode('', array_map(
            static fn (string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        ));
    }

    /** The address that a phone reads from a QR code. */
    public function address(string $gym, string $email): string
    {
        return sprintf('otpauth://totp/%s?secret=%s&issuer=%s', rawurlencode("$gym:$email"), $this->base32(), rawurlencode($gym));
    }
}
