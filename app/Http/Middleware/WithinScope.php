<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Scripts\NoteTokenUse;
use App\Models\Gym\User;
use App\Models\Scripts\Scope;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A script sees what its token lets it see. What it changes is asked of the Gate by each route, as of everybody.
 */
final readonly class WithinScope
{
    public function __construct(private NoteTokenUse $use)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $who */
        $who = $request->user();
        $token = $who->script();
        if ($token !== null) {
            $this->use->of($token);
            if ($request->isMethodSafe() && ! $token->can(Scope::Read->value)) {
                throw new Problem(ProblemCode::NotAllowed, 'This token was not made for reading. Make one with the scope “read”.');
            }
        }

        return $next($request);
    }
}
