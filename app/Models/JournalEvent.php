<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Press;
use OpenGlaze\Core\Journal\SubjectKind;

/**
 * Something that happened at the bench, as it was written down. Rows are appended and never changed.
 *
 * @property int $number
 * @property string $id
 * @property SubjectKind $subject_kind
 * @property string $subject
 * @property EventKind $kind
 * @property string $device
 * @property int $sequence
 * @property int $pressed_ms
 * @property int $offset_ms
 * @property int $heard_ms
 * @property int $version
 * @property Entry $facts
 * @property bool $kept  known from before there was a journal
 */
final class JournalEvent extends Model
{
    public const VERSION = 1;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'events';

    protected $keyType = 'string';

    protected $casts = [
        'number' => 'integer',
        'subject_kind' => SubjectKind::class,
        'kind' => EventKind::class,
        'sequence' => 'integer',
        'pressed_ms' => 'integer',
        'offset_ms' => 'integer',
        'heard_ms' => 'integer',
        'version' => 'integer',
        'facts' => JsonObject::class,
        'kept' => 'boolean',
    ];

    public function inCore(): Event
    {
        return Event::of($this->id, $this->kind, new Press($this->device, $this->sequence, $this->pressed_ms, $this->offset_ms, $this->heard_ms), $this->facts);
    }
}
