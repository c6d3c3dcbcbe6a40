<?php

use App\Http\Controllers\AssignmentController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\BoardFileController;
use App\Http\Controllers\ClassroomController;
use App\Http\Controllers\ConvertedBoardFileController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\DrawingLookController;
use App\Http\Controllers\HandInController;
use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\PathController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PlanPathController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\VerdictController;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store']);

Route::middleware('auth')->group(function () {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::get('board-files', [BoardFileController::class, 'index']);
    Route::post('board-files', [BoardFileController::class, 'store']);
    Route::get('board-files/{boardFile}/plans', [PlanController::class, 'index']);
    Route::get('board-files/{boardFile}/plans/{plan}', [PlanController::class, 'show'])->whereNumber('plan');
    Route::get('board-files/{boardFile}/plans/{plan}/path', [PlanPathController::class, 'show'])->whereNumber('plan');
    Route::get('board-files/{boardFile}/plans/{plan}/materials', [MaterialsController::class, 'show'])->whereNumber('plan');
    Route::get('board-files/{boardFile}/plans/{plan}/file', [PlanFileController::class, 'show'])->whereNumber('plan');
    Route::post('board-files/{boardFile}/converted', [ConvertedBoardFileController::class, 'store']);
    Route::get('patterns', [PatternController::class, 'index']);
    Route::post('drawings', [DrawingController::class, 'store']);
    Route::get('drawings/{boardFile}', [DrawingController::class, 'show']);
    Route::put('drawings/{boardFile}', [DrawingController::class, 'update']);
    Route::post('drawing-looks', [DrawingLookController::class, 'store']);
    Route::get('classrooms', [ClassroomController::class, 'index']);
    Route::get('assignments', [AssignmentController::class, 'index']);
    Route::post('assignments', [AssignmentController::class, 'store']);
    Route::get('attempts', [AttemptController::class, 'index']);
    Route::get('attempts/{attempt}', [AttemptController::class, 'show']);
    Route::post('attempts/{attempt}/steps', [StepController::class, 'store']);
    Route::post('attempts/{attempt}/hand-in', [HandInController::class, 'store']);
    Route::get('attempts/{attempt}/verdict', [VerdictController::class, 'show']);
    Route::get('attempts/{attempt}/path', [PathController::class, 'show']);
});

Route::fallback(fn () => abort(404));
