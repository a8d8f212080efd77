<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Coat;
use App\Models\Pour;

/** A pour of a coat as its page begins it, and one that is all on the piece. */
trait PoursCoats
{
    /** @param  array<string, mixed>  $room */
    private function started(Coat $coat, array $room = []): Pour
    {
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => $room])->assertRedirect();

        return Pour::query()->latest('rowid')->firstOrFail();
    }

    private function poured(): Pour
    {
        $pour = $this->started($this->autumnSky());
        $this->press($pour->id, 'poured');

        return $pour->refresh();
    }
}
