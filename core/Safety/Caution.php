<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * The cautions, each with the moment it is shown at.
 */
enum Caution: string
{
    case NotMedicalAdvice = 'not-medical-advice';
    case ClearanceFirst = 'clearance-first';
    case OverheadReach = 'overhead-reach';
    case RatedGear = 'rated-gear';
    case ClearLanding = 'clear-landing';
    case BandWear = 'band-wear';
    case BandEntry = 'band-entry';
    case BandRecoil = 'band-recoil';
    case StrongBand = 'strong-band';
    case HeelsGrip = 'heels-grip';
    case BeltOnHips = 'belt-on-hips';
    case GripFailing = 'grip-failing';
    case ClimbersLoad = 'climbers-load';
    case LoweringSoreness = 'lowering-soreness';
    case MuscleBreakdown = 'muscle-breakdown';
    case JumpedReps = 'jumped-reps';
    case PreTired = 'pre-tired';
    case StopForPain = 'stop-for-pain';
    case Emergency = 'emergency';

    public function moment(): Moment
    {
        return match ($this) {
            self::NotMedicalAdvice, self::ClearanceFirst, self::OverheadReach => Moment::Screening,
            self::RatedGear, self::ClearLanding => Moment::Gear,
            self::BandWear, self::BandEntry, self::BandRecoil, self::StrongBand => Moment::Band,
            self::HeelsGrip => Moment::Row,
            self::BeltOnHips => Moment::Belt,
            self::GripFailing, self::ClimbersLoad, self::PreTired => Moment::Hanging,
            self::LoweringSoreness, self::MuscleBreakdown, self::JumpedReps => Moment::Lowering,
            self::StopForPain, self::Emergency => Moment::Pain,
        };
    }

    public function text(): string
    {
        return match ($this) {
            self::NotMedicalAdvice => 'Nothing here is medical advice. A competent person screens the athlete.',
            self::ClearanceFirst => 'Pain, recent surgery, pregnancy or the months after, hypermobility, osteoporosis, uncontrolled blood pressure, or under 18: a clinician’s clearance and the local rules come first.',
            self::OverheadReach => 'Arms overhead, ribs down, level with the ears? If not: no hanging and no overhead pulling. Mobility first, and a licensed clinician where it hurts.',
            self::RatedGear => 'Bars, anchors, boxes and straps: rated, and installed to the maker’s instructions and local codes. Test the anchor before anyone hangs.',
            self::ClearLanding => 'Dry hands, clear landing. No chair on wheels, no loose stacked plates.',
            self::BandWear => 'Each session, look for nicks, chalking and thinning at the hitch. Retire the band when you find one, and by age or use.',
            self::BandEntry => 'Step in with a hand on the band or a partner holding it, the free leg over the banded one. Both hands on the band when letting it out.',
            self::BandRecoil => 'Face and eyes out of the line the band would fly.',
            self::StrongBand => 'Strong bands: a hand that opens lets the band throw the feet up. A spotter, and a soft landing.',
            self::HeelsGrip => 'The heels need grip or a block. Test the floor first.',
            self::BeltOnHips => 'The belt sits on the hips, off the low back.',
            self::GripFailing => 'Grip going? Step down onto the box before the hand opens. No attempts above a hard edge.',
            self::ClimbersLoad => 'Climbers: elbow and finger load adds up with wall days.',
            self::PreTired => 'Work that tires the arms first changes form and raises risk. Not for newcomers.',
            self::LoweringSoreness => 'Lowering leaves you sore for days. Start small.',
            self::MuscleBreakdown => 'Severe pain, swelling or dark urine after lowering work is an emergency: emergency care now.',
            self::JumpedReps => 'High-rep jumped reps: ride the descent, do not brake it.',
            self::StopForPain => 'Stop pulling. A licensed clinician looks at it before the next pull; the coach clears it with a note.',
            self::Emergency => 'Chest pain, dizziness, numbness, severe swelling or dark urine: emergency care now.',
        };
    }
}
