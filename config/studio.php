<?php

declare(strict_types=1);

/** A file of seconds by which the studio's clock is set forward or back. Without one it is this machine's. */
return ['clock' => env('STUDIO_CLOCK')];
