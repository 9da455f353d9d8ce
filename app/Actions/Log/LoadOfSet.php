<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Context\Gym\CurrentGym;
use App\Context\Setups\FindLadderPath;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\CoreError;
use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * What a set carries, from the exercise, the gear as it is and the mass of its day.
 */
final readonly class LoadOfSet
{
    private const AT_ONCE = 1000;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private FindLadderPath $ways)
    {
    }

    /**
     * Fills what is computed of a set; of a hang on nothing that is known nothing is.
     *
     * @throws Problem if the set-up does not fit the body
     * @throws CoreError if the gear cannot make it
     */
    public function fill(LoggedSet $row, Athlete $athlete): void
    {
        $exercise = $row->exercise;
        if ($exercise === null) {
            return;
        }
        $rung = $this->ways->anything($exercise)->rung($exercise, $athlete->bodyAt($row->mass_kg));
        if (! $rung instanceof Rung) {
            throw new Problem(ProblemCode::DoesNotFit, $rung->reason);
        }
        $row->fill([
            'setup_key' => $exercise->key(),
            'work_key' => $exercise->work(),
            'load_key' => FeltLoad::ofRung($rung)->key,
            'setup_name' => $rung->name,
            'pattern' => $exercise->pattern(),
            'carried_kg' => $rung->load::kg($rung->load->meanN),
            'carried_share' => $rung->share(),
            'effective_share' => $rung->load->effectiveShare(),
            'share_sd' => FeltLoad::ofRung($rung)->shareSd,
            'shape' => $rung->load->demand->shape,
            'travel_m' => $exercise->style->movement->isTimed() ? null : $rung->load->romM,
        ]);
    }

    /** For the wear of each band. */
    public function noteBands(LoggedSet $row): void
    {
        $this->noteWear([[$row->id, $row->trained_on, $row->exercise?->setup->bandIds() ?? []]]);
    }

    /** @param  list<array{string, string, list<string>}>  $sets  key, day and bands of each */
    public function noteWear(array $sets): void
    {
        $worn = [];
        foreach ($sets as [$id, $on, $bandIds]) {
            foreach ($bandIds as $band) {
                $worn[] = ['gym_id' => $this->gym->id(), 'band_id' => $band, 'trained_on' => $on, 'set_id' => $id];
            }
        }
        foreach (array_chunk($worn, self::AT_ONCE) as $some) {
            $this->db->table('set_bands')->insertOrIgnore($some);
        }
    }
}
