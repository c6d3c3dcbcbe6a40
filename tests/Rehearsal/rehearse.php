<?php

declare(strict_types=1);

/*
 * Evenings of their own, so many from a seed on:
 *
 *   composer rehearse 1000 300
 */

putenv('REHEARSE_SEED='.($argv[1] ?? random_int(1000, 1_000_000)));
putenv('REHEARSE_COUNT='.($argv[2] ?? 42));
passthru('php -d memory_limit=1G vendor/bin/pest --compact tests/Rehearsal', $status);
exit($status);
