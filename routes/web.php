<?php

use App\Http\Controllers\HealthController;
use Illuminate\Support\Facades\Route;

Route::get('health', [HealthController::class, 'show']);
Route::view('{screen?}', 'app')->where('screen', '^(?!api|build|health).*$');
