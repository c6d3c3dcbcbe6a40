<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;

/** docs/api/openapi.json as a page for whoever carries on the work. It describes what is there already, and opens no way in. */
final class ApiDescriptionController extends Controller
{
    public function show(Request $request): View
    {
        abort_unless($request->user()?->isInstructor() ?? false, 404);

        return view('api', ['document' => json_decode(File::get(base_path('docs/api/openapi.json')), true, 64, JSON_THROW_ON_ERROR)]);
    }
}
