<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Actions\Proving\BeginProof;
use App\Http\Controllers\Controller;
use App\Http\Requests\Proving\BeginProofRequest;
use App\Http\Resources\Proving\ProofResource;
use App\Models\Attempt;
use App\Queries\Proving\Proving;
use App\Queries\Proving\ShownProof;

final class ProofController extends Controller
{
    public function show(Attempt $attempt): ProofResource
    {
        $this->authorize('prove', $attempt);
        $proving = Proving::of($attempt);

        return ProofResource::make(ShownProof::of($proving, $proving->hands()->look($proving->state())));
    }

    public function store(BeginProofRequest $request, Attempt $attempt, BeginProof $begin): ProofResource
    {
        return ProofResource::make($begin->execute($attempt, $request->isOn()));
    }
}
