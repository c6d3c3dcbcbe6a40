<?php

declare(strict_types=1);

/*
 * Evenings of their own, so many from a seed on:
 *
 *   composer rehearse 1000 300
 */

[$seed, $count] = [$argv[1] ?? (string) random_int(1000, 1_000_000), $argv[2] ?? '42'];
if (! ctype_digit($seed) || ! ctype_digit($count) || (int) $seed < 1 || (int) $count < 1) {
    fwrite(STDERR, "composer rehearse [SEED [COUNT]]: whole numbers, from 1 on.\n");
    exit(2);
}
putenv("REHEARSE_SEED=$seed");
putenv("REHEARSE_COUNT=$count");
passthru('php -d memory_limit=1G vendor/bin/pest --compact tests/Rehearsal', $status);
exit($status);
