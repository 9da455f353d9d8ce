<?php

declare(strict_types=1);

namespace SteadyRung\Body;

use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\Stick;

/**
 * Draws a body from the side, facing right, with joints where its proportions put them.
 */
final readonly class Figure
{
    private const HEAD_CENTRE = 0.93;

    private const HEAD_RADIUS = 0.062;

    private const FOOT_LENGTH = 0.152;

    /** With the chin at the bar the body hangs behind it. */
    private const BEHIND_BAR = 0.05;

    public function __construct(private Body $body)
    {
    }

    /** Hanging from a grip, the sole at a height; knees bend forward where legs are longer than the room. */
    public function hanging(Point $grip, float $soleM): Stick
    {
        $base = $grip->plus(0.0, -$this->body->reachM);

        return $this->upright($grip, $base, new Point($grip->xM, $soleM));
    }

    /** The chin at the bar, the sole at a height. */
    public function atBar(Point $grip, float $soleM): Stick
    {
        $behindM = self::BEHIND_BAR * $this->body->statureM;
        $base = $grip->plus(-$behindM, $this->body->pullDistanceM() - $this->body->reachM);

        return $this->upright($grip, $base, new Point($grip->xM - $behindM, $soleM));
    }

    /** Kneeling on one knee at a height under the grip, the shank back; at the hang or with the body lifted. */
    public function kneeling(Point $grip, float $kneeM, float $liftM): Stick
    {
        $h = $this->body->statureM;
        $behindM = $liftM > 0.0 ? self::BEHIND_BAR * $h : 0.0;
        $base = $grip->plus(-$behindM, $liftM - $this->body->reachM);
        $knee = new Point($grip->xM - $behindM, $kneeM);
        $ankle = $knee->plus(-(Proportions::KNEE_HEIGHT - Proportions::ANKLE_HEIGHT) * $h, 0.0);

        return $this->stick(
            $grip,
            $base->plus(0.0, Proportions::SHOULDER_HEIGHT * $h),
            $base->plus(0.0, Proportions::HIP_HEIGHT * $h),
            $knee,
            $ankle,
            $ankle->plus(-0.06 * $h, -0.03 * $h),
        );
    }

    /** A straight body from its heels towards the shoulder, as in a row. */
    public function straight(Point $heels, Point $shoulder, Point $grip): Stick
    {
        $h = $this->body->statureM;
        $along = static fn (float $part): Point => $heels->towards($shoulder, $part * $h);
        $ankle = $along(Proportions::ANKLE_HEIGHT);
        $toe = $ankle->plus(
            0.6 * self::FOOT_LENGTH * ($shoulder->yM - $heels->yM) / Proportions::SHOULDER_HEIGHT,
            0.6 * self::FOOT_LENGTH * ($heels->xM - $shoulder->xM) / Proportions::SHOULDER_HEIGHT,
        );

        return $this->stick(
            $grip,
            $along(Proportions::SHOULDER_HEIGHT),
            $along(Proportions::HIP_HEIGHT),
            $along(Proportions::KNEE_HEIGHT),
            $ankle,
            $toe,
        );
    }

    /** A straight trunk from bent knees over flat feet, as in an easier row. */
    public function onBentKnees(Point $knee, Point $shoulder, Point $grip): Stick
    {
        $h = $this->body->statureM;
        $ankle = new Point($knee->xM, $knee->yM - (Proportions::KNEE_HEIGHT - Proportions::ANKLE_HEIGHT) * $h);
        $hip = $knee->towards($shoulder, (Proportions::HIP_HEIGHT - Proportions::KNEE_HEIGHT) * $h);

        return $this->stick(
            $grip,
            $shoulder,
            $hip,
            $knee,
            $ankle,
            $ankle->plus(0.7 * self::FOOT_LENGTH * $h, -Proportions::ANKLE_HEIGHT * $h),
        );
    }

    /** Sitting with the hips at a height under the grip, thighs level. */
    public function seated(Point $grip, float $seatM): Stick
    {
        $h = $this->body->statureM;
        $hip = new Point($grip->xM, $seatM);
        $knee = $hip->plus((Proportions::HIP_HEIGHT - Proportions::KNEE_HEIGHT) * $h, 0.0);
        $ankle = $knee->plus(0.02 * $h, -min($seatM, (Proportions::KNEE_HEIGHT - Proportions::ANKLE_HEIGHT) * $h));

        return $this->stick(
            $grip,
            $hip->plus(0.0, (Proportions::SHOULDER_HEIGHT - Proportions::HIP_HEIGHT) * $h),
            $hip,
            $knee,
            $ankle,
            $ankle->plus(self::FOOT_LENGTH * $h * 0.7, 0.0),
        );
    }

    /** Sitting under a grip with the legs straight in front, the heels on the floor; lifted by so much. */
    public function legsInFront(Point $grip, float $liftM): Stick
    {
        $h = $this->body->statureM;
        $shoulder = $grip->plus($liftM > 0.0 ? -self::BEHIND_BAR * $h : 0.0, $liftM - $this->body->armM());
        $hip = $shoulder->plus(0.0, -(Proportions::SHOULDER_HEIGHT - Proportions::HIP_HEIGHT) * $h);
        $legM = Proportions::HIP_HEIGHT * $h;
        $heels = new Point($hip->xM + sqrt(max(0.0, $legM ** 2 - max(0.0, $hip->yM) ** 2)), 0.0);
        $along = static fn (float $part): Point => $hip->towards($heels, $part * $h);

        return $this->stick(
            $grip,
            $shoulder,
            $hip,
            $along(Proportions::HIP_HEIGHT - Proportions::KNEE_HEIGHT),
            $along(Proportions::HIP_HEIGHT - Proportions::ANKLE_HEIGHT),
            $heels->plus(0.0, 0.7 * self::FOOT_LENGTH * $h),
        );
    }

    private function upright(Point $grip, Point $base, Point $sole): Stick
    {
        $h = $this->body->statureM;
        $hip = $base->plus(0.0, Proportions::HIP_HEIGHT * $h);
        $ankle = $sole->plus(0.0, Proportions::ANKLE_HEIGHT * $h);
        $knee = self::knee(
            $hip,
            (Proportions::HIP_HEIGHT - Proportions::KNEE_HEIGHT) * $h,
            $ankle,
            (Proportions::KNEE_HEIGHT - Proportions::ANKLE_HEIGHT) * $h,
        );

        return $this->stick(
            $grip,
            $base->plus(0.0, Proportions::SHOULDER_HEIGHT * $h),
            $hip,
            $knee,
            $ankle,
            $sole->plus(0.7 * self::FOOT_LENGTH * $h, 0.0),
        );
    }

    private function stick(Point $grip, Point $shoulder, Point $hip, Point $knee, Point $ankle, Point $toe): Stick
    {
        $h = $this->body->statureM;
        $upperM = Proportions::UPPER_ARM * $h;
        $elbow = self::elbow($shoulder, $upperM, $grip, max(0.0, $this->body->armM() - $upperM));
        $head = $hip->towards($shoulder, $hip->distanceM($shoulder) + (self::HEAD_CENTRE - Proportions::SHOULDER_HEIGHT) * $h);

        return new Stick(
            grip: $grip,
            elbow: $elbow,
            shoulder: $shoulder,
            head: $head,
            hip: $hip,
            knee: $knee,
            ankle: $ankle,
            toe: $toe,
            headRadiusM: self::HEAD_RADIUS * $h,
        );
    }

    /** Elbows go down. */
    private static function elbow(Point $shoulder, float $upperM, Point $grip, float $foreM): Point
    {
        $both = $shoulder->meeting($upperM, $grip, $foreM);

        return match (true) {
            $both === null => self::straightJoint($shoulder, $grip, $upperM),
            $both[0]->yM < $both[1]->yM => $both[0],
            default => $both[1],
        };
    }

    /** Knees go forward. */
    private static function knee(Point $hip, float $thighM, Point $ankle, float $shankM): Point
    {
        return $hip->meeting($thighM, $ankle, $shankM)[1] ?? self::straightJoint($hip, $ankle, $thighM);
    }

    private static function straightJoint(Point $from, Point $to, float $firstM): Point
    {
        return $from->towards($to, min($firstM, $from->distanceM($to)));
    }
}
