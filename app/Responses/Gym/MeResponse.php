<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use App\Formats\Erase\ErasedLog;
use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Models\Gym\AthletesTell;
use App\Models\Gym\RemindedBy;
use App\Models\Gym\Right;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use OpenApi\Attributes as OA;
use SteadyRung\Body\PullTop;
use SteadyRung\Floor\BoardNames;
use SteadyRung\Safety\Consent\ConsentRule;

/**
 * Who is signed in.
 */
#[OA\Schema]
final readonly class MeResponse
{
    /**
     * @param  list<string>  $athletes_tell
     * @param  list<string>  $rights
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property]
        public string $gym_name,
        #[OA\Property(description: 'IANA time zone of the gym.')]
        public string $timezone,
        #[OA\Property(description: 'What people of the gym read and type; the API itself speaks SI.')]
        public MassUnit $mass_unit,
        #[OA\Property]
        public LengthUnit $length_unit,
        #[OA\Property(description: 'Known to this device as the owner of what waits on it.')]
        public string $key,
        #[OA\Property(description: 'Whether this is the demo gym.')]
        public bool $demo,
        #[OA\Property(description: 'What comes to the bar at the top of a rep, as the house rules have it.')]
        public PullTop $pull_top,
        #[OA\Property(
            description: 'What athletes may tell on their own page.',
            items: new OA\Items(type: 'string', enum: AthletesTell::class),
        )]
        public array $athletes_tell,
        #[OA\Property(description: 'How athletes are called on a board on the wall.')]
        public BoardNames $board_names,
        #[OA\Property(description: 'What becomes of the training of an athlete who is erased.')]
        public ErasedLog $erased_log,
        #[OA\Property(description: 'What is asked before answers about health are kept.')]
        public ConsentRule $consent,
        #[OA\Property(description: 'What is agreed to.')]
        public string $consent_words,
        #[OA\Property(description: 'Whether the words are the gym’s own.')]
        public bool $own_words,
        #[OA\Property(description: 'After so many years what was told of health is erased; none: never.')]
        public ?int $keep_health_years,
        #[OA\Property]
        public Role $role,
        #[OA\Property(description: 'What the role may do, and the token where one is shown.', items: new OA\Items(type: 'string', enum: Right::class))]
        public array $rights,
        #[OA\Property(description: 'Whether they have the reminders by mail.')]
        public RemindedBy $reminders,
        #[OA\Property(description: 'Whether a code of their phone is asked for beside the password.')]
        public bool $second_factor,
        #[OA\Property(description: 'How many recovery codes are left.')]
        public int $recovery_codes,
    ) {
    }

    public static function of(User $user): self
    {
        return new self(
            name: $user->name,
            email: $user->email,
            gym_name: $user->gym->name,
            timezone: $user->gym->timezone,
            mass_unit: $user->gym->mass_unit,
            length_unit: $user->gym->length_unit,
            key: "$user->gym_id.$user->id",
            demo: $user->gym->is_demo,
            pull_top: $user->gym->houseRules()->pullTop(),
            athletes_tell: $user->gym->athletes_tell,
            board_names: $user->gym->board_names,
            erased_log: $user->gym->erased_log,
            consent: $user->gym->consent,
            consent_words: $user->gym->consentWords(),
            own_words: $user->gym->consent_words !== null,
            keep_health_years: $user->gym->keep_health_years,
            role: $user->role,
            rights: array_column($user->rights(), 'value'),
            reminders: $user->reminders,
            second_factor: $user->second_factor_at !== null,
            recovery_codes: count($user->recovery_codes),
        );
    }
}
