<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drills;

use App\Actions\Drills\BeginDrill;
use App\Http\Controllers\Controller;
use App\Http\Requests\Drills\BeginDrillRequest;
use App\Http\Resources\Drills\DrillLineResource;
use App\Http\Resources\Drills\DrillResource;
use App\Models\Drill;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class DrillController extends Controller
{
    /** Drills that one sees of oneself. */
    private const LATEST = 30;

    public function index(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        $drills = Drill::query()->where('user_id', $user->id)->orderByDesc('id')->limit(self::LATEST);

        return DrillLineResource::collection($drills->get());
    }

    public function store(BeginDrillRequest $request, BeginDrill $work): DrillResource
    {
        return DrillResource::make($work->execute($request->person(), $request->kind(), $request->practice()));
    }

    public function show(Drill $drill): DrillResource
    {
        $this->authorize('work', $drill);

        return DrillResource::make($drill);
    }
}
