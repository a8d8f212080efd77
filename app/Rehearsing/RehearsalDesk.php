<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Clock\StudioClock;
use App\Journal\Moment;
use App\Journal\ThisStudio;
use App\Mixing\EveningDesk;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Rehearsal;
use App\Saying\Person;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Rehearsal\Accident;

/** Begins rehearsals of tonight, and turns their clocks. */
final readonly class RehearsalDesk
{
    /** How fast an evening goes by. */
    public const PACES = [1.0, 10.0, 60.0];

    private const KEPT_MS = 24 * 3_600_000;

    private const AT_THE_DOOR_MS = 6 * 60_000;

    public function __construct(
        private Stage $stage,
        private EveningDesk $evenings,
        private ReadyCup $cup,
        private StudioClock $clock,
        private ThisStudio $studio,
    ) {
    }

    /** @return array{paces: list<float>, accidents: list<array{name: string, title: string}>} what is chosen from */
    public static function choices(Speaker $say): array
    {
        return ['paces' => self::PACES, 'accidents' => array_map(static fn (Accident $one): array => ['name' => $one->value, 'title' => $say->say($one->title())], Accident::cases())];
    }

    /**
     * Copies the studio as it is, with nothing on its bench, and goes on the stage with it.
     *
     * @param  list<Accident>  $accidents
     * @param  bool  $isMixed  its first cup stands mixed, and its clocks run
     * @return string its name
     *
     * @throws FieldException when nothing is planned for tonight, or it cannot be poured as it is
     */
    public function begin(int $seed, array $accidents, float $pace, bool $isMixed, Person $person): string
    {
        $evening = $this->evenings->kept(Plan::own());
        if ($evening === []) {
            throw FieldException::at(['form' => Message::of('rehearsal.no_evening')]);
        }
        $real = $this->clock->real();
        $id = (string) Str::uuid();
        $this->stage->tidy((int) $real->valueOf(), self::KEPT_MS);
        $file = $this->copy($id);
        $this->stage->open($id);
        try {
            $this->clear($id, $real);
            $ms = (int) $real->valueOf();
            $rehearsal = Rehearsal::query()->create(['id' => $id, 'seed' => $seed, 'accidents' => Entry::from(['names' => array_map(static fn (Accident $one): string => $one->value, $accidents)]), 'told' => Entry::of(), 'is_mixed' => $isMixed, 'real_ms' => $ms, 'at_ms' => $ms, 'pace' => $pace, 'begun_ms' => $ms]);
            if ($isMixed) {
                $this->cup->mix(Plan::own(), $evening[0]->id(), $real, $person);
            }
            // it begins when all is ready
            $rehearsal->update(['real_ms' => (int) $this->clock->real()->valueOf()]);
        } catch (FieldException|QueryException $exception) {
            $this->stage->leave();
            File::delete($file);
            throw $exception;
        }

        return $id;
    }

    /** Goes on at another pace from now on. */
    public function turn(Rehearsal $rehearsal, float $pace): void
    {
        $this->set($rehearsal, 0, $pace);
    }

    /** Somebody rang: who goes to the door is away for some minutes. */
    public function atTheDoor(Rehearsal $rehearsal, bool $goes): void
    {
        $visitor = Accident::Visitor->value;
        if ($rehearsal->told->has($visitor) && ! $rehearsal->told->has("$visitor.went")) {
            $rehearsal->update(['told' => $rehearsal->told->with("$visitor.went", $goes)]);
            $this->set($rehearsal, $goes ? self::AT_THE_DOOR_MS : 0, $rehearsal->pace);
        }
    }

    public function end(Rehearsal $rehearsal): void
    {
        if ($rehearsal->ended_ms === null) {
            $rehearsal->update(['ended_ms' => $this->at($rehearsal)]);
        }
    }

    private function set(Rehearsal $rehearsal, int $moreMs, float $pace): void
    {
        $at = $this->at($rehearsal);
        $rehearsal->update(['at_ms' => $at + $moreMs, 'real_ms' => (int) $this->clock->real()->valueOf(), 'pace' => $pace]);
    }

    private function at(Rehearsal $rehearsal): int
    {
        return $rehearsal->clock()->ms((int) $this->clock->real()->valueOf());
    }

    /** @throws FieldException where there is no room for it */
    private function copy(string $id): string
    {
        $file = $this->stage->file($id);
        try {
            File::ensureDirectoryExists(dirname($file), 0700);
            DB::statement('VACUUM INTO ?', [$file]);
            chmod($file, 0600);
        } catch (ErrorException|QueryException $exception) {
            report($exception);
            File::delete($file);
            throw FieldException::at(['form' => Message::of('rehearsal.no_room')]);
        }

        return $file;
    }

    /** Another studio by its name, and its bench empty: what is really wet is none of the rehearsal's business. */
    private function clear(string $id, CarbonImmutable $now): void
    {
        DB::table('studio')->update(['id' => $id]);
        $this->studio->forget();
        Rehearsal::query()->delete();
        Pour::query()->onTheBench($now)->update(['off_at' => Moment::of((int) $now->valueOf())->format('Y-m-d H:i:s.v')]);
        Mixing::query()->where('in_use', true)->update(['in_use' => false]);
    }
}
