<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use OpenGlaze\Core\Stock\Lot as StockLot;

/**
 * Bottles of a resin's two parts that came together.
 *
 * @property int $id
 * @property int $version
 * @property int $resin_id
 * @property string $subject  its name in the journal: opened, counted, taken, thrown away are folded from it
 * @property string $name
 * @property CarbonImmutable|null $opened_on
 * @property CarbonImmutable|null $best_before
 * @property float|null $left_a_ml
 * @property float|null $left_b_ml
 * @property float|null $price
 * @property float|null $bought_ml
 */
final class Lot extends Model
{
    use SoftDeletes;

    protected $attributes = ['version' => 1];

    protected $casts = [
        'version' => 'integer',
        'opened_on' => 'immutable_date',
        'best_before' => 'immutable_date',
        'left_a_ml' => 'float',
        'left_b_ml' => 'float',
        'price' => 'float',
        'bought_ml' => 'float',
    ];

    /**
     * Those of resins of the shelf, the ones that were opened first before the others.
     *
     * @param  list<string>  $keys
     * @return array<string, list<StockLot>> by the resin's key
     */
    public static function ofResins(array $keys): array
    {
        $lots = [];
        foreach (Resin::query()->whereNull('plan_id')->whereIn('key', array_unique($keys))->with('lots')->get() as $resin) {
            $lots[$resin->key] = array_values($resin->lots->map(static fn (self $lot): StockLot => $lot->inCore())->all());
        }

        return $lots;
    }

    /** @return list<self> */
    public static function rowsOfResin(string $key): array
    {
        $resin = Resin::query()->whereNull('plan_id')->where('key', $key)->first();

        return $resin === null ? [] : array_values($resin->lots()->get()->all());
    }

    public function inCore(): StockLot
    {
        return new StockLot($this->name, $this->opened_on, $this->best_before, $this->left_a_ml, $this->left_b_ml);
    }
}
