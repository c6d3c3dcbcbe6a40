<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepStockLine;
use App\Http\Requests\UpdateStockLineRequest;
use Illuminate\Http\Response;

final class StockLineController extends Controller
{
    public function update(UpdateStockLineRequest $request, KeepStockLine $keep): Response
    {
        $keep->execute($request->instructor(), $request->practice(), $request->part(), $request->priceCents(), $request->held());

        return response()->noContent();
    }
}
