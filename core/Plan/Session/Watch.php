<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Safety\Caution;
use SteadyRung\Setup\WarningCode;

/**
 * What to look out for in an exercise.
 */
final class Watch
{
    /**
     * @param  bool  $isBraked  whether the way down of hops is controlled
     * @return list<Caution>
     */
    public static function of(Rung|Accessory $do, int $reps, bool $isBraked = false): array
    {
        if ($do instanceof Accessory) {
            return $do->hangs() ? [Caution::GripFailing] : [];
        }
        $kind = $do->exercise->setup->kind();
        $style = $do->exercise->style;
        $lowers = $isBraked
            || $style->movement === Movement::Lowering
            || ($style->movement === Movement::Full && $style->upBy !== UpBy::Pull);

        return array_values(array_filter([
            $lowers ? Caution::LoweringSoreness : null,
            $lowers || $kind === ChoiceKind::Hop ? Caution::MuscleBreakdown : null,
            $kind === ChoiceKind::Hop && $reps > HouseRules::MANY_HOPS ? Caution::JumpedReps : null,
            $kind === ChoiceKind::Band ? Caution::BandWear : null,
            $kind === ChoiceKind::Band ? Caution::BandEntry : null,
            $do->load->warns(WarningCode::StrongRecoil) ? Caution::BandRecoil : null,
            $do->load->warns(WarningCode::FeetFlyUp) || $do->load->warns(WarningCode::PartnerToMount) ? Caution::StrongBand : null,
            $kind === ChoiceKind::Row ? Caution::HeelsGrip : null,
            $kind === ChoiceKind::Added ? Caution::BeltOnHips : null,
            $style->at?->isGrip() === true || ($kind === ChoiceKind::Strict && ! $lowers) ? Caution::GripFailing : null,
            in_array($kind, [ChoiceKind::Foot, ChoiceKind::Hop], true) || $style->upBy === UpBy::Step ? Caution::ClearLanding : null,
        ]));
    }
}
