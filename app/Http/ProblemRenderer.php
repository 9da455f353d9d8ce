<?php

declare(strict_types=1);

namespace App\Http;

use App\Formats\Unreadable;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Problems\ProblemJson;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/**
 * The one place where a failure becomes an HTTP answer (Problem Details, RFC 9457).
 */
final class ProblemRenderer
{
    public function __invoke(\Throwable $error): JsonResponse
    {
        $problem = self::problem($error);
        $headers = ['Content-Type' => 'application/problem+json', 'Cache-Control' => 'no-store'];
        if ($error instanceof ThrottleRequestsException) {
            $headers += $error->getHeaders(); // the limit, and when it is over
        }
        if ($problem->retryAfterS !== null) {
            $headers['Retry-After'] = (string) $problem->retryAfterS;
        }

        return new JsonResponse(ProblemJson::of($problem), $problem->problem->status(), $headers, JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** What a failure is, for whoever asked. */
    public static function problem(\Throwable $error): Problem
    {
        return match (true) {
            $error instanceof Problem => $error,
            $error instanceof Unreadable => new Problem(
                $error->isSyntax ? ProblemCode::BadJson : ProblemCode::Invalid,
                $error->getMessage(),
                $error->faults,
            ),
            $error instanceof AuthenticationException => new Problem(
                ProblemCode::SignedOut,
                'Sign in, then try again. Nothing typed is lost.',
            ),
            $error instanceof AuthorizationException => self::notAllowed(),
            $error instanceof TokenMismatchException => self::pageExpired(),
            $error instanceof PostTooLargeException => self::http(413),
            $error instanceof ModelNotFoundException => self::notFound(),
            self::tookTooLong($error) => new Problem(
                ProblemCode::Busy,
                'Something else is using this just now. Nothing typed is lost: try again in a moment.',
                retryAfterS: 2,
            ),
            $error instanceof LostConnectionException, self::isLostConnection($error) => new Problem(
                ProblemCode::Away,
                'The database is starting. Nothing typed is lost: try again in a moment.',
                retryAfterS: 2,
            ),
            $error instanceof HttpExceptionInterface => self::http($error->getStatusCode()),
            default => new Problem(
                ProblemCode::Fault,
                'The fault is on our side and is in the log. Try again; if it comes back, restart with bin/steady start.',
            ),
        };
    }

    /**
     * Connection failures: class 08, the server going down or coming up (57P01–57P03), one that was demoted and only reads (25006), or no
     * server at all.
     */
    private static function isLostConnection(\Throwable $error): bool
    {
        $pdo = $error instanceof QueryException ? $error->getPrevious() : $error;

        return $pdo instanceof \PDOException
            && (
                preg_match('/^(08|57P0|25006)/', (string) $pdo->getCode()) === 1
                || preg_match(
                    '/server closed the connection|connection to server|no connection to the server|terminating connection/',
                    $pdo->getMessage(),
                ) === 1
            );
    }

    /** Statements and locks that the database ended in time, and transactions that ran into one another. */
    private static function tookTooLong(\Throwable $error): bool
    {
        $pdo = $error instanceof QueryException ? $error->getPrevious() : $error;

        return $pdo instanceof \PDOException && in_array((string) $pdo->getCode(), ['57014', '55P03', '40001', '40P01', '25P03'], true);
    }

    private static function http(int $status): Problem
    {
        return match ($status) {
            403 => self::notAllowed(),
            404 => self::notFound(),
            405 => new Problem(ProblemCode::MethodNotAllowed, 'This address does not take that method.'),
            413 => new Problem(ProblemCode::BodyTooLarge, 'A request may be 1 MB at the most, a file 8 MB.'),
            419 => self::pageExpired(),
            429 => new Problem(ProblemCode::TooManyTries, 'Wait a minute, then try again.'),
            default => $status < 500
                ? new Problem(ProblemCode::BadRequest, 'The request cannot be read.')
                : new Problem(ProblemCode::Away, 'The server is not ready. Try again in a moment.'),
        };
    }

    private static function notAllowed(): Problem
    {
        return new Problem(ProblemCode::NotAllowed, 'Your role here does not include this. A coach or the owner of the gym can do it.');
    }

    private static function notFound(): Problem
    {
        return new Problem(ProblemCode::NotFound, 'There is nothing at this address in your gym.');
    }

    private static function pageExpired(): Problem
    {
        return new Problem(ProblemCode::PageExpired, 'Load the page again. Nothing stored is lost.');
    }
}
