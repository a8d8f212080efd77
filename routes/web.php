<?php

declare(strict_types=1);

use App\Http\Controllers\CoatController;
use App\Http\Controllers\NowController;
use App\Http\Controllers\OutlineController;
use App\Http\Controllers\PieceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PourController;
use App\Http\Controllers\StackController;
use App\Http\Controllers\StudioController;
use Illuminate\Support\Facades\Route;

Route::get('/', NowController::class)->name('now');
Route::get('/now/pours', [NowController::class, 'pours'])->name('now.pours');

Route::get('/pieces', [PieceController::class, 'index'])->name('pieces');
Route::get('/pieces/new', [PieceController::class, 'create'])->name('pieces.new');
Route::post('/pieces', [PieceController::class, 'store']);
Route::post('/pieces/live', [PieceController::class, 'live']);
Route::post('/pieces/live/trace/{figure}', [PieceController::class, 'trace']);
Route::post('/outlines/traced', [OutlineController::class, 'traced']);
Route::post('/outlines/svg', [OutlineController::class, 'svg']);
Route::get('/pieces/{piece}', [PieceController::class, 'edit'])->name('pieces.edit');
Route::put('/pieces/{piece}', [PieceController::class, 'update']);
Route::delete('/pieces/{piece}', [PieceController::class, 'destroy']);
Route::post('/pieces/{piece}/restore', [PieceController::class, 'restore'])->withTrashed();
Route::get('/pieces/{piece}/template', [PieceController::class, 'template'])->name('pieces.template');
Route::get('/pieces/{piece}/history', [PieceController::class, 'history'])->name('pieces.history')->withTrashed();

Route::get('/coats/{coat}', [CoatController::class, 'show'])->name('coats.show');
Route::put('/coats/{coat}', [CoatController::class, 'update']);
Route::post('/coats/{coat}/live', [CoatController::class, 'live']);
Route::post('/coats/{coat}/trace/{figure}', [CoatController::class, 'trace']);
Route::get('/coats/{coat}/mix', [CoatController::class, 'mix'])->name('coats.mix');
Route::post('/pieces/{piece}/coats', [StackController::class, 'add']);
Route::post('/pieces/{piece}/again', [StackController::class, 'sameAgain']);
Route::post('/pieces/{piece}/stack/restore', [StackController::class, 'putBack']);
Route::post('/pieces/{piece}/templates', [StackController::class, 'keep']);
Route::post('/pieces/{piece}/templates/{template}', [StackController::class, 'apply']);
Route::post('/coats/{coat}/double', [StackController::class, 'double']);
Route::post('/coats/{coat}/move', [StackController::class, 'move']);
Route::delete('/coats/{coat}', [StackController::class, 'takeAway']);
Route::post('/coats/{coat}/restore', [StackController::class, 'restore'])->withTrashed();

Route::post('/coats/{coat}/pours', [PourController::class, 'start']);

Route::get('/pours/{pour}', [PourController::class, 'show'])->name('pours.show');
Route::get('/pours/{pour}/state', [PourController::class, 'state']);
Route::get('/pours/{pour}/trace/{figure}', [PourController::class, 'trace']);
Route::post('/pours/{pour}/poured', [PourController::class, 'poured']);
Route::delete('/pours/{pour}/poured', [PourController::class, 'notPouredYet']);
Route::post('/pours/{pour}/acts/{act}', [PourController::class, 'tick']);
Route::delete('/pours/{pour}/acts/{act}', [PourController::class, 'untick']);
Route::get('/pours/{pour}/finish', [PourController::class, 'finishing'])->name('pours.finish');
Route::post('/pours/{pour}/finish', [PourController::class, 'finish']);
Route::get('/photos/{name}', [PourController::class, 'photo'])->where('name', '[A-Za-z0-9]+\.jpg');

Route::get('/studio', [StudioController::class, 'show'])->name('studio');
Route::put('/studio', [StudioController::class, 'update']);
Route::get('/shelf', [StudioController::class, 'shelf'])->name('shelf');
Route::get('/swatches', [StudioController::class, 'swatches'])->name('swatches');

Route::post('/plans', [PlanController::class, 'import']);
Route::get('/plans/{plan}/file', [PlanController::class, 'export']);
