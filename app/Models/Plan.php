<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/**
 * A set of pieces that are planned in one room. Its document holds what its file holds besides
 * resins, pieces and coats, whose lists stand in it empty.
 *
 * @property int $id
 * @property int $version
 * @property string $name
 * @property PlanDocument $document
 * @property CarbonImmutable|null $put_away_at
 * @property string|null $sha256  of the file that it came in
 * @property int|null $pieces_count  where it was counted
 */
final class Plan extends Model
{
    protected $attributes = ['version' => 1];

    protected $casts = ['put_away_at' => 'immutable_datetime', 'version' => 'integer', 'document' => JsonObject::class.':'.PlanDocument::class];

    /** The plan that the studio's own pieces belong to. */
    public static function own(): self
    {
        return self::query()->oldest('id')->firstOrFail();
    }

    /** Its number, which never changes while it is there. */
    public static function ownId(): int
    {
        return once(static fn (): int => self::query()->oldest('id')->firstOrFail(['id'])->id);
    }

    /**
     * The plans that are worked on: the studio's own, and those of files that were not put away.
     *
     * @return Builder<self>
     */
    public static function open(): Builder
    {
        return self::query()->whereNull('put_away_at')->orderBy('id');
    }

    public function isOwn(): bool
    {
        return $this->id === self::ownId();
    }

    public function studio(): Entry
    {
        return $this->document->studio();
    }

    /** @return HasMany<Resin, $this> */
    public function resins(): HasMany
    {
        return $this->hasMany(Resin::class)->orderBy('position');
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class)->orderBy('position');
    }

    /** @return HasMany<Coat, $this> */
    public function coats(): HasMany
    {
        return $this->hasMany(Coat::class)->orderBy('position');
    }
}
