<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Actions\Proving\DoAct;
use App\Http\Controllers\Controller;
use App\Http\Requests\Proving\DoActRequest;
use App\Http\Resources\Proving\ProofResource;
use App\Models\Attempt;

final class ActController extends Controller
{
    public function store(DoActRequest $request, Attempt $attempt, DoAct $do): ProofResource
    {
        return ProofResource::make($do->execute($attempt, $request->key(), $request->act(), $request->madeAt()));
    }
}
