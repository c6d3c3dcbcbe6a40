<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\KeepStockLine;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\UpdateStockLineRequest;
use Illuminate\Http\Response;

final class StockLineController extends Controller
{
    public function update(UpdateStockLineRequest $request, KeepStockLine $keep): Response
    {
        $keep->execute($request->instructor(), $request->practice(), $request->part(), $request->priceCents(), $request->held());

        return response()->noContent();
    }
}
