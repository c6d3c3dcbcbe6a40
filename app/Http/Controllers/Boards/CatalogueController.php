<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Models\BoardFile;
use App\Shapes\Boards\CatalogueShape;
use Illuminate\Http\JsonResponse;
use Zwindle\Catalogue\Practices\Practice;

/** The catalogue of a practice. Under its own version a browser keeps it for good; under any other it gets the one of today. */
final class CatalogueController extends Controller
{
    private const KEPT = 'private, max-age=31536000, immutable';

    public function show(string $practice, string $version): JsonResponse
    {
        $this->authorize('create', BoardFile::class);
        $catalogue = CatalogueShape::of(Practice::find($practice) ?? abort(404));

        return response()->json($catalogue->json, 200, $version === $catalogue->version() ? ['Cache-Control' => self::KEPT] : []);
    }
}
