<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * A code from a phone beside the password. It is asked for once its owner has shown that the phone makes the right one.
 */
final readonly class SecondFactor
{
    public const NONE = ['second_factor' => null, 'second_factor_at' => null, 'second_factor_step' => null, 'recovery_codes' => []];

    private const SECRET_BYTES = 20;

    private const RECOVERY_CODES = 10;

    private const RECOVERY_LENGTH = 10;

    private const RECOVERY_LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    public function __construct(private ConnectionInterface $db, private ClockInterface $clock)
    {
    }

    /** A new secret, which does nothing until a code of it comes. @throws Problem if one is in use */
    public function begin(User $member): Totp
    {
        self::mustNotBeInUse($member);
        $secret = random_bytes(self::SECRET_BYTES);
        $member->fill([...self::NONE, 'second_factor' => base64_encode($secret)])->save();

        return new Totp($secret);
    }

    /**
     * @return list<string> recovery codes; each signs in once instead of the phone, and none can be told again
     *
     * @throws Problem if one is in use, none was begun, or the code is another
     */
    public function confirm(User $member, #[\SensitiveParameter] string $code): array
    {
        self::mustNotBeInUse($member);
        $step = self::totp($member)?->stepOf($code, $this->clock->now(), 0)
            ?? throw Problem::invalid('/code', 'The phone shows another code just now. Look again, and check the time on the phone.');
        $codes = array_map(
            static fn (): string => implode('', array_map(
                static fn (): string => self::RECOVERY_LETTERS[random_int(0, strlen(self::RECOVERY_LETTERS) - 1)],
                range(1, self::RECOVERY_LENGTH),
            )),
            range(1, self::RECOVERY_CODES),
        );
        $member->fill([
            'second_factor_at' => $this->clock->now(),
            'second_factor_step' => $step,
            'recovery_codes' => array_map(self::hash(...), $codes),
        ])->save();

        return $codes;
    }

    public function end(User $member): void
    {
        $member->fill(self::NONE)->save();
    }

    /** Whether a code of the phone, or one for recovery, lets them in; either works once. */
    public function opens(User $member, #[\SensitiveParameter] string $code): bool
    {
        return $this->db->transaction(function () use ($member, $code): bool {
            User::query()->lockForUpdate()->findOrFail($member->id);
            $member->refresh();
            $step = self::totp($member)?->stepOf($code, $this->clock->now(), $member->second_factor_step ?? 0);
            $left = array_values(array_diff($member->recovery_codes, [self::hash($code)]));
            if ($step === null && count($left) === count($member->recovery_codes)) {
                return false;
            }
            $member->fill(['second_factor_step' => $step ?? $member->second_factor_step, 'recovery_codes' => $left])->save();

            return true;
        });
    }

    public static function wrongCode(): Problem
    {
        return Problem::invalid('/code', 'This code is another, or was used. Wait for the next one.');
    }

    private static function totp(User $member): ?Totp
    {
        return $member->second_factor === null ? null : new Totp((string) base64_decode($member->second_factor, true));
    }

    private static function hash(string $code): string
    {
        return hash('sha256', "recovery code $code"); // 49 bits, tried slowly: no salt is needed
    }

    private static function mustNotBeInUse(User $member): void
    {
        if ($member->second_factor_at !== null) {
            throw new Problem(ProblemCode::NotAllowed, 'A second factor is in use. End it first, then set up another phone.');
        }
    }
}
