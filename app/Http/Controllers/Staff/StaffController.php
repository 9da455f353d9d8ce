<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\Staff\ChangeMember;
use App\Actions\Staff\InviteMember;
use App\Actions\Staff\MemberInvited;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Http\Requests\Staff\RoleInput;
use App\Models\Gym\User;
use App\Queries\Staff\StaffQuery;
use App\Responses\Staff\InvitationResponse;
use App\Responses\Staff\StaffResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Who works in the gym, and as what.
 */
final readonly class StaffController
{
    public function __construct(private StaffQuery $staff, private ChangeMember $members)
    {
    }

    #[OA\Get(path: '/api/v1/staff', operationId: 'staff', responses: [new Answer(200, StaffResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->staff->all());
    }

    #[OA\Post(
        path: '/api/v1/staff',
        operationId: 'inviteMember',
        description: 'Mails an invitation. Asked again under the same address it is mailed again, with what is told then.',
        requestBody: new RequestBody(MemberInvited::class),
        responses: [new Answer(201, InvitationResponse::class)],
    )]
    public function invite(JsonObject $json, ReadInput $inputs, InviteMember $invite): JsonResponse
    {
        $sent = $invite->invite($inputs->of(MemberInvited::class, $json));

        return new JsonResponse(new InvitationResponse($sent->member->id, $sent->path(), $sent->expiresAt->format(DATE_ATOM)), 201);
    }

    #[OA\Put(
        path: '/api/v1/staff/{member}/role',
        operationId: 'changeRole',
        requestBody: new RequestBody(RoleInput::class),
        responses: [new Answer(200, StaffResponse::class)],
    )]
    public function role(string $member, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        $this->members->toRole($member, $inputs->of(RoleInput::class, $json)->role);

        return $this->index();
    }

    #[OA\Delete(
        path: '/api/v1/staff/{member}',
        operationId: 'memberLeaves',
        description: 'They are signed out everywhere and can sign in no more; what they logged and decided stays theirs.',
        responses: [new Answer(200, StaffResponse::class)],
    )]
    public function leave(string $member): JsonResponse
    {
        $this->members->leaves($member);

        return $this->index();
    }

    #[OA\Delete(
        path: '/api/v1/staff/{member}/second-factor',
        operationId: 'endSecondFactorOf',
        description: 'For who lost their phone and their recovery codes.',
        responses: [new Answer(200, StaffResponse::class)],
    )]
    public function endSecondFactor(string $member, Request $request): JsonResponse
    {
        /** @var User $owner */
        $owner = $request->user();
        $this->members->withoutSecondFactor($member, $owner);

        return $this->index();
    }
}
