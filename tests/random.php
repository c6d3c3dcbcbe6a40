<?php

declare(strict_types=1);

/*
 * The random tests with a share of their own, so many seconds for each:
 *
 *   composer random 60
 */

putenv('RANDOM_SECONDS='.($argv[1] ?? 60));
$tests = implode(' ', array_map(escapeshellarg(...), array_filter(
    explode("\n", trim((string) shell_exec('grep -rl "Share::of" tests/Unit tests/Outside tests/Feature'))),
)));
passthru("php -d memory_limit=1G vendor/bin/pest --compact $tests", $status);
exit($status);
