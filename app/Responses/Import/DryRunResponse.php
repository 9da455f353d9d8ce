<?php

declare(strict_types=1);

namespace App\Responses\Import;

use OpenApi\Attributes as OA;

/**
 * What would become of a file as its columns are taken now.
 */
#[OA\Schema(schema: 'DryRun')]
final readonly class DryRunResponse
{
    /**
     * @param  list<RefusedLineResponse>  $refused
     * @param  list<AskedMatchResponse>  $asked
     * @param  list<list<string>>  $samples
     * @param  list<MatchTargetResponse>  $athletes
     * @param  list<MatchTargetResponse>  $exercises
     */
    public function __construct(
        #[OA\Property]
        public ImportResponse $import,
        #[OA\Property(description: 'Lines that would come.')]
        public int $ready,
        #[OA\Property(description: 'Lines that are there already.')]
        public int $known,
        #[OA\Property]
        public int $refused_count,
        #[OA\Property(description: 'The first of them.', items: new OA\Items(ref: RefusedLineResponse::class))]
        public array $refused,
        #[OA\Property(description: 'Names and exercises, and what each is taken for.', items: new OA\Items(ref: AskedMatchResponse::class))]
        public array $asked,
        #[OA\Property(
            description: 'Some cells of each column.',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')),
        )]
        public array $samples,
        #[OA\Property(description: 'Who a name can be.', items: new OA\Items(ref: MatchTargetResponse::class))]
        public array $athletes,
        #[OA\Property(description: 'What an exercise can be.', items: new OA\Items(ref: MatchTargetResponse::class))]
        public array $exercises,
    ) {
    }
}
