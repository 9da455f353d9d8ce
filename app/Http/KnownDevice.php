<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Gym\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A device on which an account was signed in before, known by a cookie of its own that survives signing out.
 */
final readonly class KnownDevice
{
    private const COOKIE = 'steady-rung-device';

    private const DAYS = 180;

    public function __construct(private ConnectionInterface $db, private ClockInterface $clock)
    {
    }

    /** The device, if this account was signed in on it. */
    public function of(Request $request, ?User $user): ?string
    {
        $token = $request->cookies->get(self::COOKIE);
        if ($user === null || ! is_string($token)) {
            return null;
        }
        $device = hash('sha256', $token);

        return $this->db->table('known_devices')
            ->where('user_id', $user->id)
            ->where('token', $device)
            ->where('seen_at', '>', $this->oldest())
            ->exists()
            ? $device
            : null;
    }

    public function remember(User $user): Cookie
    {
        $token = Str::random(48);
        $now = $this->clock->now();
        $this->db->table('known_devices')->where('user_id', $user->id)->where('seen_at', '<', $this->oldest())->delete();
        $this->db->table('known_devices')->insert(['user_id' => $user->id, 'token' => hash('sha256', $token), 'seen_at' => $now]);

        return new Cookie(
            self::COOKIE,
            $token,
            $now->modify(sprintf('+%d days', self::DAYS)),
            '/api/v1/sign-in',
            httpOnly: true,
            sameSite: Cookie::SAMESITE_STRICT,
        );
    }

    private function oldest(): \DateTimeImmutable
    {
        return $this->clock->now()->modify(sprintf('-%d days', self::DAYS));
    }
}
