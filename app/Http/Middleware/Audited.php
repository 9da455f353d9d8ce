<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Audit\NoteDone;
use App\Context\Audit\Standing;
use App\Formats\Audit\AuditEvent;
use App\Formats\Audit\Change;
use App\Models\Gym\User;
use App\Models\Record;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a route does is kept in the audit trail, once it was done; of an export, before the first byte of it goes out.
 */
final readonly class Audited
{
    /** What an entry may be about: parameters of routes. */
    private const SUBJECTS = ['athlete', 'member', 'band', 'gear', 'import', 'method', 'token', 'webhook'];

    public function __construct(private NoteDone $done, private Standing $standing)
    {
    }

    public static function as(AuditEvent $event): string
    {
        return self::class.':'.$event->value;
    }

    public function handle(Request $request, Closure $next, string $event): Response
    {
        [$done, $about] = [AuditEvent::from($event), self::subject($request, AuditEvent::from($event))];
        $before = $request->user() === null ? null : $this->standing->of($done, $about);
        /** @var Response $response */
        $response = $next($request);
        $who = $request->user();
        if ($response->isSuccessful() && $who instanceof User) {
            $after = $before === null ? null : $this->standing->of($done, $about);
            $this->done->note($done, $who, $about, Change::between($before, $after));
        }

        return $response;
    }

    /** @return array{string, string}|null */
    private static function subject(Request $request, AuditEvent $done): ?array
    {
        foreach (self::SUBJECTS as $name) {
            $value = $request->route($name);
            if ($value instanceof Record || is_string($value)) {
                return [$name, $value instanceof Record ? $value->id : $value];
            }
        }

        $key = $done === AuditEvent::MethodKept ? $request->json('key') : null;

        return is_string($key) ? ['method', $key] : null;
    }
}
