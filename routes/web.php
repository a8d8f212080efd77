<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CoatController;
use App\Http\Controllers\EveningController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\JournalFileController;
use App\Http\Controllers\MixingController;
use App\Http\Controllers\NowController;
use App\Http\Controllers\OutlineController;
use App\Http\Controllers\PieceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PourController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ShelfController;
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
Route::post('/coats/{coat}/ranges', [CoatController::class, 'ranges']);
Route::post('/coats/{coat}/ways', [CoatController::class, 'ways']);
Route::get('/coats/{coat}/mix', [CoatController::class, 'mix'])->name('coats.mix');
Route::post('/pieces/{piece}/coats', [StackController::class, 'add']);
Route::post('/pieces/{piece}/again', [StackController::class, 'sameAgain']);
Route::post('/pieces/{piece}/stack/restore', [StackController::class, 'putBack']);
Route::post('/pieces/{piece}/templates', [StackController::class, 'keep']);
Route::post('/pieces/{piece}/templates/{template}', [StackController::class, 'apply']);
Route::post('/coats/{coat}/split', [StackController::class, 'split']);
Route::post('/coats/{coat}/whole', [StackController::class, 'whole']);
Route::post('/coats/{coat}/double', [StackController::class, 'double']);
Route::post('/coats/{coat}/move', [StackController::class, 'move']);
Route::delete('/coats/{coat}', [StackController::class, 'takeAway']);
Route::post('/coats/{coat}/restore', [StackController::class, 'restore'])->withTrashed();

Route::post('/coats/{coat}/mixings', [MixingController::class, 'beginAlone']);
Route::post('/coats/{coat}/pours', [PourController::class, 'start']);

Route::get('/evening', [EveningController::class, 'own']);
Route::get('/plans/{plan}/evening', [EveningController::class, 'show'])->name('evening');
Route::put('/plans/{evening}/evening', [EveningController::class, 'update']);
Route::post('/plans/{evening}/evening/live', [EveningController::class, 'live']);
Route::post('/plans/{evening}/evening/move', [EveningController::class, 'move']);
Route::post('/plans/{evening}/evening/propose', [EveningController::class, 'propose']);
Route::get('/plans/{evening}/evening/sheet', [EveningController::class, 'sheet'])->name('evening.sheet');
Route::get('/plans/{evening}/batches/{batch}', [EveningController::class, 'batch'])->name('batches.show');
Route::post('/plans/{evening}/batches/{batch}/trace/{figure}', [EveningController::class, 'trace']);
Route::post('/plans/{evening}/batches/{batch}/halve', [EveningController::class, 'halve']);
Route::post('/plans/{evening}/batches/{batch}/ranges', [EveningController::class, 'ranges']);
Route::post('/plans/{evening}/batches/{batch}/bath', [EveningController::class, 'bath']);
Route::post('/plans/{evening}/batches/{batch}/mixings', [MixingController::class, 'begin']);

Route::post('/events', [JournalController::class, 'append']);
Route::get('/journal/file', [JournalFileController::class, 'export']);
Route::delete('/pours/{pour}/words', [JournalFileController::class, 'erase']);

Route::get('/mixings/{mixing}/state', [MixingController::class, 'state']);
Route::get('/mixings/{mixing}', [MixingController::class, 'show'])->name('mixings.show');
Route::get('/mixings/{mixing}/takers', [MixingController::class, 'takers']);
Route::post('/mixings/{mixing}/pours', [MixingController::class, 'pour']);
Route::get('/scale', [MixingController::class, 'scale']);
Route::post('/scale/zero', [MixingController::class, 'zero']);
Route::post('/scale/hand', [MixingController::class, 'hand']);

Route::get('/run', [RunController::class, 'show'])->name('run');
Route::get('/run/state', [RunController::class, 'state']);
Route::post('/run/room', [RunController::class, 'room']);
Route::get('/run/times.ics', [CalendarController::class, 'bench']);

Route::post('/rehearsals', [RehearsalController::class, 'begin']);
Route::get('/rehearsal', [RehearsalController::class, 'show'])->name('rehearsal');
Route::get('/rehearsal/state', [RehearsalController::class, 'state']);
Route::post('/rehearsal/pace', [RehearsalController::class, 'pace']);
Route::post('/rehearsal/door', [RehearsalController::class, 'door']);
Route::post('/rehearsal/end', [RehearsalController::class, 'end']);
Route::post('/rehearsal/leave', [RehearsalController::class, 'leave']);

Route::get('/pours/{pour}', [PourController::class, 'show'])->name('pours.show');
Route::get('/pours/{pour}/state', [PourController::class, 'state']);
Route::get('/pours/{pour}/times.ics', [CalendarController::class, 'film']);
Route::get('/pours/{pour}/pace/{pace}', [PourController::class, 'pace']);
Route::get('/pours/{pour}/pool', [PourController::class, 'pool']);
Route::get('/pours/{pour}/short', [PourController::class, 'short']);
Route::get('/pours/{pour}/trace/{figure}', [PourController::class, 'trace']);
Route::get('/pours/{pour}/finish', [PourController::class, 'finishing'])->name('pours.finish');
Route::post('/pours/{pour}/finish', [PourController::class, 'finish']);
Route::get('/photos/{name}', [PourController::class, 'photo'])->where('name', '[A-Za-z0-9]+\.jpg');

Route::get('/studio', [StudioController::class, 'show'])->name('studio');
Route::put('/studio', [StudioController::class, 'update']);
Route::get('/shelf', [ShelfController::class, 'show'])->name('shelf');
Route::post('/shelf/check', [ShelfController::class, 'check']);
Route::post('/shelf/resins', [ShelfController::class, 'addResin']);
Route::put('/shelf/resins/{resin}', [ShelfController::class, 'changeResin']);
Route::delete('/shelf/resins/{resin}', [ShelfController::class, 'takeResinAway']);
Route::post('/shelf/resins/{resin}/restore', [ShelfController::class, 'restoreResin'])->withTrashed();
Route::post('/shelf/resins/{resin}/lots', [ShelfController::class, 'addLot']);
Route::put('/shelf/lots/{lot}', [ShelfController::class, 'changeLot']);
Route::delete('/shelf/lots/{lot}', [ShelfController::class, 'takeLotAway']);
Route::post('/shelf/lots/{lot}/restore', [ShelfController::class, 'restoreLot'])->withTrashed();
Route::post('/shelf/colourants/one', [ShelfController::class, 'oneMl']);
Route::post('/shelf/recipes/of-cup', [ShelfController::class, 'addRecipeOfCup']);
Route::post('/shelf/{list}', [ShelfController::class, 'addSupply'])->whereIn('list', ['vessels', 'colourants', 'recipes']);
Route::put('/shelf/supplies/{supply}', [ShelfController::class, 'changeSupply']);
Route::delete('/shelf/supplies/{supply}', [ShelfController::class, 'takeSupplyAway']);
Route::post('/shelf/supplies/{supply}/restore', [ShelfController::class, 'restoreSupply'])->withTrashed();
Route::get('/swatches', [StudioController::class, 'swatches'])->name('swatches');

Route::post('/plans', [PlanController::class, 'import']);
Route::post('/plans/{plan}/away', [PlanController::class, 'putAway']);
Route::post('/plans/{plan}/back', [PlanController::class, 'bringBack']);
Route::delete('/plans/{plan}', [PlanController::class, 'remove']);
Route::get('/plans/{plan}/file', [PlanController::class, 'export']);

// an address that nothing stands at is a page of the studio all the same
Route::fallback(static fn () => abort(404));
