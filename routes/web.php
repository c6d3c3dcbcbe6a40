<?php

use App\Http\Controllers\ApiDescriptionController;
use App\Http\Controllers\HealthController;
use Illuminate\Support\Facades\Route;

Route::get('health', [HealthController::class, 'show']);
Route::get('docs/api', [ApiDescriptionController::class, 'show'])->middleware('auth');
Route::view('{screen?}', 'app')->where('screen', '^(?!api|build|health|docs/api).*$');
